<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** It was switched off and on, and had kept what was set; or that is taken back. */
final readonly class ProveUnit implements Change
{
    public function __construct(public string $unit, public bool $isProved)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit)->markedProved($this->isProved ? $world->now() : null);

        return new Applied(
            $rig->withUnits($unit),
            \sprintf($this->isProved ? '%s kept its setting through off and on' : 'Took back that %s kept its setting', $unit->name),
        );
    }
}
