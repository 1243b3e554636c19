<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Rig;

/** Where it hangs, in the operator's words. */
final readonly class HangUnit implements Change
{
    /** @param string $position blank for nowhere in particular */
    public function __construct(public string $unit, public string $position)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit)->hangingAt('' === trim($this->position) ? null : Limits::name($this->position, 'position'));

        return new Applied(
            $rig->withUnits($unit),
            null === $unit->position
                ? \sprintf('%s hangs nowhere in particular', $unit->name)
                : \sprintf('%s hangs at %s', $unit->name, $unit->position),
        );
    }
}
