<?php

declare(strict_types=1);

namespace Rigger\Core\Plan;

use Rigger\Core\Patch\Place;

/** A unit with the place that the plan gives it. */
final readonly class PlannedUnit
{
    /** @param bool $isChanged whether somebody has to set it: it had another place, or none */
    public function __construct(public string $id, public Place $place, public bool $isChanged)
    {
    }
}
