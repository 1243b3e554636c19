<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio;

/** What a lamp of a sender or receiver can tell. */
enum LampState: string
{
    case Off = 'off';
    /** A sender that somebody hears, a receiver that hears its sender. */
    case Linked = 'linked';
    /** A sender whom nobody hears. */
    case Alone = 'alone';
    /** A receiver that looks for its sender. */
    case Searching = 'searching';
    /** Pairing is under way. */
    case Pairing = 'pairing';
    case Cleared = 'cleared';
    case LowBattery = 'low-battery';

    public function words(): string
    {
        return match ($this) {
            self::Off => 'switched off',
            self::Linked => 'linked',
            self::Alone => 'sends, and nobody hears it',
            self::Searching => 'looks for its sender',
            self::Pairing => 'pairing',
            self::Cleared => 'cleared',
            self::LowBattery => 'battery nearly flat',
        };
    }
}
