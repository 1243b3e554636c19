<?php

declare(strict_types=1);

namespace Rigger\Core\Playback\Command;

use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Playback\Command;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\State;

/** The master goes to a value. */
final readonly class SetMaster implements Command
{
    public function __construct(#[Within(0, 255, 'Values run from 0 to 255, not {value}.')] public int $value)
    {
    }

    public function applyTo(State $state, CompiledRig $rig): State
    {
        return $state->under($state->desk->with(master: $this->value));
    }
}
