<?php

declare(strict_types=1);

namespace Rigger\Core\Value;

/**
 * How a MIDI value, 0 to 127, is fitted onto 0 to 255: doubled it stops at 254, and added to 128 it only reaches the
 * upper half.
 */
enum MidiFit: string
{
    case Stretch = 'stretch';
    case Double = 'double';
    case Upper = 'upper';
    case Lower = 'lower';

    /** @param int $value 0 to 127 */
    public function toDmx(int $value): int
    {
        return match ($this) {
            self::Stretch => (int) Scale::Dmx->fromLevel(Scale::Midi->toLevel($value)),
            self::Double => 2 * $value,
            self::Upper => 128 + $value,
            self::Lower => $value,
        };
    }
}
