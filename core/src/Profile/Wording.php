<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

use Rigger\Core\Text\Figure;

/** Numbers as they stand in a sentence. */
final class Wording
{
    /** At most two decimals, none that say nothing: 16, 0.8, 2.25. */
    public static function number(float $number): string
    {
        return Figure::short($number);
    }

    public static function percent(float $level): string
    {
        return self::number(100 * $level).' %';
    }
}
