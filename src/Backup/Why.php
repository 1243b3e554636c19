<?php

declare(strict_types=1);

namespace Rigger\App\Backup;

/** Why a backup was made. Those that were made by themselves make room for newer ones; those of a person stay. */
enum Why: string
{
    case Hand = 'hand';
    case Day = 'day';
    case Migration = 'migration';
    case Brought = 'brought';

    public function isAutomatic(): bool
    {
        return self::Day === $this || self::Migration === $this;
    }
}
