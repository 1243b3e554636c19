<?php

declare(strict_types=1);

namespace Rigger\Core\Playback;

use Rigger\Core\Input\InputError;

/** One thing that a hand does at a seat. What it says is meant as it stands: said twice, it is the same. */
interface Command
{
    /** @throws InputError when the rig has nothing of the kind */
    public function applyTo(State $state, CompiledRig $rig): State;
}
