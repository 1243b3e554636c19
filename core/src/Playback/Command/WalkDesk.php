<?php

declare(strict_types=1);

namespace Rigger\Core\Playback\Command;

use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Input\InputError;
use Rigger\Core\Playback\Command;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\State;
use Rigger\Core\Playback\Trial;
use Rigger\Core\Playback\TrialKind;

/** Units or faders go up one by one, from the first on, each for so many seconds. */
final readonly class WalkDesk implements Command
{
    public function __construct(
        #[OneOf(['units', 'faders'], 'A walk goes over units or faders.')] public string $by,
        #[Within(0.5, 3600, 'A step lasts from half a second to an hour, not {value} s.')] public float $seconds = Trial::STEP_SECONDS,
    ) {
    }

    public function applyTo(State $state, CompiledRig $rig): State
    {
        $kind = TrialKind::from($this->by);
        if ([] === $rig->walk($kind)) {
            throw InputError::because('nothing_moves', 'by', 'No fader of this desk moves anything.');
        }

        return $state->trying(Trial::walk($kind, $this->seconds, $state->time));
    }
}
