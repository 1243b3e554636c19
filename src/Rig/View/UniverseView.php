<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** How much of a universe is taken. */
final readonly class UniverseView
{
    public function __construct(public int $universe, public int $used, public int $free, public ?int $gapFrom, public ?int $gapTo)
    {
    }
}
