<?php

declare(strict_types=1);

namespace Rigger\Core\Playback\Command;

use Rigger\Core\Playback\Command;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\State;

/** The walk goes to one of its steps, counted from 0; past the last it begins anew, and the same backwards. */
final readonly class GoToStep implements Command
{
    public function __construct(public int $index)
    {
    }

    public function applyTo(State $state, CompiledRig $rig): State
    {
        return true === $state->trial?->kind->isWalk() ? $state->trying($state->trial->at($this->index, $state->time)) : $state;
    }
}
