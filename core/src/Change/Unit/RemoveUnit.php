<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** It comes down. */
final readonly class RemoveUnit implements Change
{
    public function __construct(public string $unit)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit);

        return new Applied($rig->withoutUnit($unit->id), \sprintf('Took down %s from %s', $unit->name, $unit->place->words()));
    }
}
