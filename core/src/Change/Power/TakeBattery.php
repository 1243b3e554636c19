<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Power;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** A unit runs on no battery any more. */
final readonly class TakeBattery implements Change
{
    public function __construct(public string $unit)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit);

        return new Applied(
            $rig->withUnits($unit->supplied($unit->supply->onBattery(null))),
            \sprintf('Took the battery off %s', $unit->name),
        );
    }
}
