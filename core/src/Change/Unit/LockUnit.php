<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** A unit that stays where it is, whatever a plan says, or may move again. */
final readonly class LockUnit implements Change
{
    public function __construct(public string $unit, public bool $isLocked)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit)->locked($this->isLocked);

        return new Applied(
            $rig->withUnits($unit),
            \sprintf($this->isLocked ? 'Locked %s: no plan moves it' : 'Unlocked %s: a plan may move it', $unit->name),
        );
    }
}
