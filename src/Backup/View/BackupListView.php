<?php

declare(strict_types=1);

namespace Rigger\App\Backup\View;

/** The backups, what was set aside, and the room there is. */
final readonly class BackupListView
{
    /**
     * @param list<BackupView> $backups    newest first
     * @param list<AsideView>  $aside      newest first
     * @param int              $kept       how many of those made by themselves are kept
     * @param bool             $canRestore false with a database server of one's own, unless a role for upkeep is named
     * @param string           $folder     where the files stand
     */
    public function __construct(
        public array $backups,
        public array $aside,
        public int $kept,
        public bool $canRestore,
        public string $folder,
        public DiskView $disk,
    ) {
    }
}
