<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** Ticks a unit on the walk-round as set, or takes the tick back. */
final readonly class TickUnit implements Change
{
    public function __construct(public string $unit, public bool $isSet)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit)->markedSet($this->isSet ? $world->now() : null);

        return new Applied(
            $rig->withUnits($unit),
            \sprintf($this->isSet ? 'Set %s at %s' : 'Took back that %s is set at %s', $unit->name, $unit->place->words()),
        );
    }
}
