<?php

declare(strict_types=1);

namespace Rigger\App\Backup\View;

/** A rig in a backup. */
final readonly class HeldRigView
{
    public function __construct(public string $name, public string $venue, public int $units, public int $looks)
    {
    }
}
