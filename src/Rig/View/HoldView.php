<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** Slots that are held for somebody else. */
final readonly class HoldView
{
    public function __construct(public string $id, public string $name, public int $universe, public int $from, public int $to)
    {
    }
}
