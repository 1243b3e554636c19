<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Power;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** A circuit goes; its units are plugged in nowhere then, and its outlets hang on what fed it. */
final readonly class RemoveCircuit implements Change
{
    public function __construct(public string $circuit)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $circuit = $rig->circuit($this->circuit);

        return new Applied($rig->withoutCircuit($circuit->id), \sprintf('Removed %s', $circuit->name));
    }
}
