<?php

declare(strict_types=1);

namespace Rigger\Core\Playback;

/** What is tried without a hand on the faders. */
enum TrialKind: string
{
    /** One fader stays up, whatever the hand does. */
    case Hold = 'hold';
    /** One fader goes up and down. */
    case Blink = 'blink';
    /** Units go up one by one. */
    case Units = 'units';
    /** Faders go up one by one, and up and down meanwhile. */
    case Faders = 'faders';

    public function isWalk(): bool
    {
        return self::Units === $this || self::Faders === $this;
    }
}
