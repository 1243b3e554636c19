<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** How a desk's faders reach addresses. */
enum Layout: string
{
    /** Keys choose a fixture; the faders then drive its channels, page by page. */
    case Buttons = 'buttons';
    /** Each fader of each page is one address. */
    case Flat = 'flat';
    /** Two rows over the same addresses, crossfaded; wide joins them into one. */
    case Preset = 'preset';
    /** Each zone has a few faders of its own. */
    case Zones = 'zones';

    /** What stands under a number here: a zone, or a button. */
    public function called(): string
    {
        return self::Zones === $this ? 'zone' : 'button';
    }

    /** Whether fixtures answer to a numbered button or zone. */
    public function hasButtons(): bool
    {
        return self::Buttons === $this || self::Zones === $this;
    }
}
