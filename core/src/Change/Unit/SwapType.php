<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** Another fixture in a unit's place: names, notes and looks stay as far as the channels allow. */
final readonly class SwapType implements Change
{
    /** @param bool $makesRoom whether it also moves to the first place that is free, where it does not fit */
    public function __construct(public string $unit, public string $type, public string $mode, public bool $makesRoom = false)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit);
        $old = $unit->revision();
        $revision = Swap::revision($unit, $this->type, $world);
        $mode = UsableMode::of($revision, $this->mode);
        $room = $this->makesRoom ? Swap::room($rig, $unit, $mode) : null;

        return new Applied(
            Swap::into($rig, $unit, $revision, $mode, $room),
            \sprintf(
                'Swapped %s from %s %s for %s %s%s',
                $unit->name,
                $old->maker,
                $old->model,
                $revision->maker,
                $revision->model,
                Swap::moved($room),
            ),
        );
    }
}
