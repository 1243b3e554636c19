<?php

declare(strict_types=1);

namespace Rigger\Core\Playback\Command;

use Rigger\Core\Playback\Command;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\State;

/** Blackout goes on or off: which, and not the other one, so that a press that arrives twice does no harm. */
final readonly class SetBlackout implements Command
{
    public function __construct(public bool $on)
    {
    }

    public function applyTo(State $state, CompiledRig $rig): State
    {
        return $state->under($state->desk->with(isBlackout: $this->on));
    }
}
