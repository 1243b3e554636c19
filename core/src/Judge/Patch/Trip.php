<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Patch;

use Rigger\Core\Patch\Place;
use Rigger\Core\Rig\Unit;

/** A unit that somebody has to go up to, and why. */
final readonly class Trip
{
    public function __construct(public Unit $unit, public Place $to, public string $why)
    {
    }
}
