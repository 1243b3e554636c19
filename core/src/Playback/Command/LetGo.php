<?php

declare(strict_types=1);

namespace Rigger\Core\Playback\Command;

use Rigger\Core\Playback\Command;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\State;

/** What is tried ends, and the faders decide again. */
final readonly class LetGo implements Command
{
    public function applyTo(State $state, CompiledRig $rig): State
    {
        return $state->trying(null);
    }
}
