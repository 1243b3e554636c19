<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Power;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** There is no tape behind a unit any more. */
final readonly class UnwireTape implements Change
{
    public function __construct(public string $unit)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit);

        return new Applied($rig->withUnits($unit->supplied($unit->supply->taped(null))), \sprintf('Took the tape off %s', $unit->name));
    }
}
