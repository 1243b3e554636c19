<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Plan;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** Takes a beam or stand off the stage plan; what hung from it stays where it is. */
final readonly class RemoveSupport implements Change
{
    public function __construct(public string $support)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $held = $rig->support($this->support)->held;

        return new Applied($rig->withoutSupport($this->support), \sprintf('Took the %s %s off the plan', $held->kind->value, $held->name));
    }
}
