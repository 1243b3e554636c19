<?php

declare(strict_types=1);

namespace Rigger\App\Backup;

use Rigger\App\Backup\View\AsideView;
use Rigger\App\Backup\View\BackupListView;
use Rigger\App\Backup\View\BackupView;
use Rigger\App\DataFolder;

/** What the backup page shows. */
final readonly class BackupViews
{
    public function __construct(
        private Backups $backups,
        private Restoring $restoring,
        private Server $server,
        private Disk $disk,
        private DataFolder $folder,
    ) {
    }

    public function list(): BackupListView
    {
        return new BackupListView(
            array_map(BackupView::of(...), $this->backups->all()),
            array_map(
                static fn (array $row): AsideView => new AsideView($row['name'], self::time($row['name']), $row['bytes']),
                $this->restoring->aside(),
            ),
            Backups::KEPT,
            $this->server->hasUpkeep(),
            $this->folder->backups(),
            $this->disk->look(),
        );
    }

    /** Its name says when a database was set aside. */
    private static function time(string $name): string
    {
        $at = \DateTimeImmutable::createFromFormat('!Ymd\tHis', substr($name, \strlen(Restoring::ASIDE), 15), new \DateTimeZone('UTC'));

        return false === $at ? '' : $at->format(\DATE_ATOM);
    }
}
