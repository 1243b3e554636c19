<?php

declare(strict_types=1);

namespace Rigger\Core\Text;

/** Numbers in sentences. */
final class Figure
{
    /**
     * With a point, and no digit that says nothing: "12.5", "650", "0".
     *
     * @param int<0, max> $decimals at most so many, rounded half away from zero
     */
    public static function short(float $value, int $decimals = 2): string
    {
        $written = number_format($value, $decimals, '.', '');

        return 0 === $decimals ? $written : rtrim(rtrim($written, '0'), '.');
    }
}
