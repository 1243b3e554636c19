<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Number\Rounding;

/** A way of counting values that a chart was typed in by mistake. */
enum ValueScale: string
{
    case Percent = 'percent';
    case SevenBit = 'seven-bit';
    case OneBased = 'one-based';

    /** The first value of a range that begins there. */
    public function first(int $value): int
    {
        return match ($this) {
            self::Percent => (int) ceil(255 * $value / 100 - 1e-9),
            self::SevenBit => 2 * $value,
            self::OneBased => $value - 1,
        };
    }

    /** The last value of a range that ends there, so that what touched still touches. */
    public function last(int $value): int
    {
        return match ($this) {
            self::Percent => (int) floor(255 * $value / 100 + 1e-9),
            self::SevenBit => 2 * $value + 1,
            self::OneBased => $value - 1,
        };
    }

    public function resting(int $value): int
    {
        return max(0, min(255, match ($this) {
            self::Percent => Rounding::nearest(255 * $value / 100),
            self::SevenBit => 127 === $value ? 255 : 2 * $value,
            self::OneBased => max(0, $value - 1),
        }));
    }

    /** The highest value that can stand in a chart of this kind. */
    public function top(): int
    {
        return match ($this) {
            self::Percent => 100,
            self::SevenBit => 127,
            self::OneBased => 256,
        };
    }
}
