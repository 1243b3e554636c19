<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

/** The quantity that a range sweeps from `start` at its first value to `end` at its last. */
enum Quantity
{
    /** 0 to 1. */
    case Level;
    case Hertz;
    case Rpm;
    case Kelvin;
    /** Distance from the white line, positive towards green. */
    case Duv;
    /** From the centre of the travel. */
    case Degrees;
    /** Seconds, or levels where the maker gives no time. */
    case Seconds;
    /** Either the number of a slot or an amount from start to end. */
    case SlotOrAmount;
    case None;

    /** @return list<string> */
    public function members(): array
    {
        return match ($this) {
            self::None => [],
            self::SlotOrAmount => ['slot', 'start', 'end'],
            default => ['start', 'end'],
        };
    }

    /** Makers often write "slow to fast" without a figure: then start and end are null. */
    public function mayBeUnknown(): bool
    {
        return \in_array($this, [self::Hertz, self::Rpm, self::Kelvin, self::Duv, self::Degrees, self::Seconds, self::SlotOrAmount], true);
    }

    /** @return array{float, float} the least and the greatest that can be meant */
    public function bounds(): array
    {
        return match ($this) {
            self::Level => [0.0, 1.0],
            self::Hertz, self::Kelvin, self::Seconds => [0.0, \INF],
            // Farther from the white line there is no white to speak of.
            self::Duv => [-0.05, 0.05],
            default => [-\INF, \INF],
        };
    }

    public function unit(): string
    {
        return match ($this) {
            self::Hertz => 'Hz',
            self::Rpm => 'rpm',
            self::Kelvin => 'K',
            self::Duv => 'Duv',
            self::Degrees => '°',
            self::Seconds => 's',
            default => '',
        };
    }
}
