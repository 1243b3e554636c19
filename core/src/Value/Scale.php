<?php

declare(strict_types=1);

namespace Rigger\Core\Value;

use Rigger\Core\Number\Rounding;

/** The scales on which a value is said. All but `level` are counted in whole steps when converted to. */
enum Scale: string
{
    case Dmx = 'dmx';
    case Percent = 'percent';
    case Level = 'level';
    case Midi = 'midi';
    case Word = 'word';

    public function top(): int
    {
        return match ($this) {
            self::Dmx => 255,
            self::Percent => 100,
            self::Level => 1,
            self::Midi => 127,
            self::Word => 65535,
        };
    }

    /** Percent and level take fractions; the others are counted. */
    public function isWhole(): bool
    {
        return self::Percent !== $this && self::Level !== $this;
    }

    public function toLevel(int|float $value): float
    {
        return $value / $this->top();
    }

    /** @param float $level 0 to 1 */
    public function fromLevel(float $level): int|float
    {
        return self::Level === $this ? $level : Rounding::nearest($level * $this->top());
    }
}
