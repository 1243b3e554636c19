<?php

declare(strict_types=1);

namespace Rigger\Core\Playback\Command;

use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Playback\Command;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\State;
use Rigger\Core\Playback\Trial;

/** The walk pauses, or goes on from the step where it is. */
final readonly class RunWalk implements Command
{
    public function __construct(
        public bool $on,
        #[Within(0.5, 3600, 'A step lasts from half a second to an hour, not {value} s.')] public float $seconds = Trial::STEP_SECONDS,
    ) {
    }

    public function applyTo(State $state, CompiledRig $rig): State
    {
        return true === $state->trial?->kind->isWalk()
            ? $state->trying($state->trial->running($this->on, $this->seconds, $state->time))
            : $state;
    }
}
