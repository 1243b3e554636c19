<?php

declare(strict_types=1);

namespace Rigger\Core\Playback;

/** What a unit is doing, in one word. */
enum LampState: string
{
    /** Out of action tonight: nobody counts on it. */
    case Out = 'out';
    /** Nothing that is sent reaches it. */
    case Silent = 'silent';
    /** A program of its own runs. */
    case Busy = 'busy';
    case Lit = 'lit';
    /** Some of its sockets are lit, and others are down. */
    case Partly = 'partly';
    case Dark = 'dark';
    /** It responds, and has no lamp: a hazer, a motor. */
    case NoLamp = 'no_lamp';
}
