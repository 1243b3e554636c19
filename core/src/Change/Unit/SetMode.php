<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** Another mode of the chart that a unit, or twins, follow. */
final readonly class SetMode implements Change
{
    /**
     * @param list<string> $units
     * @param bool         $makesRoom whether a unit also moves to the first place that is free, where it does not fit
     */
    public function __construct(#[Ids] public array $units, public string $mode, public bool $makesRoom = false)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $said = [];
        foreach ($this->units as $id) {
            $unit = $rig->unit($id);
            $mode = UsableMode::of($unit->revision(), $this->mode);
            $room = $this->makesRoom ? Swap::room($rig, $unit, $mode) : null;
            $rig = Swap::into($rig, $unit, $unit->revision(), $mode, $room);
            $said[] = \sprintf('Set %s from mode %s to %s%s', $unit->name, $unit->mode()->name, $mode->name, Swap::moved($room));
        }

        return new Applied($rig, implode('; ', $said));
    }
}
