<?php

declare(strict_types=1);

namespace Rigger\Core\Playback\Command;

use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Playback\Command;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\State;

/** One of the two cross faders goes to a value. */
final readonly class SetCross implements Command
{
    public function __construct(
        #[OneOf(['crossA', 'crossB'], 'The cross faders are crossA and crossB.')] public string $fader,
        #[Within(0, 255, 'Values run from 0 to 255, not {value}.')] public int $value,
    ) {
    }

    public function applyTo(State $state, CompiledRig $rig): State
    {
        return $state->under('crossA' === $this->fader
            ? $state->desk->with(crossA: $this->value)
            : $state->desk->with(crossB: $this->value));
    }
}
