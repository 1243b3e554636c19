<?php

declare(strict_types=1);

namespace Rigger\App\Backup;

/** A backup that was made, and is whole. */
final readonly class Backup
{
    public function __construct(public string $name, public BackupFile $file)
    {
    }
}
