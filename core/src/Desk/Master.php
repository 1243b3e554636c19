<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** What a desk's master fader and its blackout key take along. */
enum Master: string
{
    case All = 'all';
    /** A colour fader that was left up still shows on a unit without a dimmer. */
    case Dimmers = 'dimmers';
    case None = 'none';
}
