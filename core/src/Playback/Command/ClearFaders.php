<?php

declare(strict_types=1);

namespace Rigger\Core\Playback\Command;

use Rigger\Core\Playback\Command;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\State;

/** Every fader of both rows goes to 0; master, blackout and cross faders stay. */
final readonly class ClearFaders implements Command
{
    public function applyTo(State $state, CompiledRig $rig): State
    {
        return $state->moved($state->desk->with(slots: [], secondRow: []));
    }
}
