<?php

declare(strict_types=1);

namespace Rigger\Core\Playback\Command;

use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Patch\Span;
use Rigger\Core\Playback\Command;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\State;
use Rigger\Core\Playback\Trial;
use Rigger\Core\Playback\TrialKind;

/** A fader is held up, or goes up and down, whatever the hand does to it. */
final readonly class TryFader implements Command
{
    public function __construct(
        #[OneOf(['hold', 'blink'], 'A fader is tried by hold or blink.')] public string $kind,
        #[Within(1, Span::LAST_SLOT, 'Addresses run from 1 to 512, not {value}.')] public int $address,
    ) {
    }

    public function applyTo(State $state, CompiledRig $rig): State
    {
        return $state->trying(Trial::ofFader(TrialKind::from($this->kind), $this->address, $state->time));
    }
}
