<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** A unit is out of action tonight, or back: its address stays, and nobody counts on it meanwhile. */
final readonly class PutOut implements Change
{
    public function __construct(public string $unit, public bool $isOut)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit)->outOfAction($this->isOut);

        return new Applied($rig->withUnits($unit), \sprintf($this->isOut ? '%s is out of action' : '%s is back in action', $unit->name));
    }
}
