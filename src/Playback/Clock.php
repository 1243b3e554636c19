<?php

declare(strict_types=1);

namespace Rigger\App\Playback;

/** Seconds of a clock that only goes forward, whatever happens to the time of day. */
class Clock
{
    public function now(): float
    {
        return hrtime(true) / 1e9;
    }
}
