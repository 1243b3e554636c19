<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio;

/** What lies between a sender and its receiver; how fast a signal fades with distance there. */
enum Surroundings: string
{
    case Open = 'open';
    /** Over a seated audience. */
    case Seated = 'seated';
    case Walls = 'walls';

    public function words(): string
    {
        return match ($this) {
            self::Open => 'in the open',
            self::Seated => 'over a seated audience',
            self::Walls => 'through walls',
        };
    }

    /** The exponent of the log-distance law: 2 in free space. */
    public function exponent(): float
    {
        return match ($this) {
            self::Open => 2.0,
            self::Seated => 2.7,
            self::Walls => 3.3,
        };
    }
}
