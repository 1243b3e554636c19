<?php

declare(strict_types=1);

namespace Rigger\Core\Number;

/** The one rounding of the whole reference: half away from zero. */
final class Rounding
{
    /** Binary fractions miss some halves (0.3 · 255 = 76.49999…): this near to a half counts as that half. */
    private const NEAR = 1e-9;

    public static function nearest(float $value): int
    {
        return (int) ($value < 0 ? -floor(-$value + 0.5 + self::NEAR) : floor($value + 0.5 + self::NEAR));
    }
}
