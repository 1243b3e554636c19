<?php

declare(strict_types=1);

namespace Rigger\App\Backup\View;

use Rigger\App\Backup\BackupFile;

/** A backup and what it holds. */
final readonly class BackupView
{
    /**
     * @param string            $why     hand, day, migration or brought
     * @param string            $madeAt  ISO 8601
     * @param list<HeldRigView> $rigs
     * @param int               $changes in the history of all rigs
     */
    public function __construct(
        public string $name,
        public string $why,
        public string $madeAt,
        public int $bytes,
        public array $rigs,
        public int $charts,
        public int $desks,
        public int $changes,
    ) {
    }

    public static function of(BackupFile $file): self
    {
        $holds = $file->manifest->holds;

        return new self($file->name(), $file->manifest->why->value, $file->manifest->at->format(\DATE_ATOM), $file->size(),
            array_map(
                static fn (array $rig): HeldRigView => new HeldRigView($rig['name'], $rig['venue'], $rig['units'], $rig['looks']),
                $holds->rigs,
            ), $holds->charts, $holds->desks, $holds->changes);
    }
}
