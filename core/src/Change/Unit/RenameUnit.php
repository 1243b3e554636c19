<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Rig;

/** What stands on its tape. */
final readonly class RenameUnit implements Change
{
    public function __construct(public string $unit, public string $name)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit);
        $renamed = $unit->renamed(Limits::name($this->name, 'name'));

        return new Applied($rig->withUnits($renamed), \sprintf('Renamed %s to %s', $unit->name, $renamed->name));
    }
}
