<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Patch;

use Rigger\Core\Rig\Unit;

/** A unit for which a plan finds no room, and by how much. */
final readonly class Unplaced
{
    public function __construct(public Unit $unit, public string $why)
    {
    }
}
