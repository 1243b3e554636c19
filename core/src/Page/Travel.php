<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

use Rigger\Core\Profile\Quantity;

/** How far a head turns, from words such as "540°" or "0-540°": half to each side of the centre. */
final class Travel
{
    /** @return array{float|null, float|null} degrees from the centre at both ends */
    public static function of(string $text): array
    {
        $figures = QuantityText::of($text, Quantity::Degrees);
        if (null === $figures->start || null === $figures->end) {
            return [null, null];
        }
        if (str_contains($text, '±')) {
            return [-abs($figures->end), abs($figures->end)];
        }
        if ($figures->start === $figures->end) {
            return [-abs($figures->end) / 2, abs($figures->end) / 2];
        }
        $isWhole = 0.0 === $figures->start || 0.0 === $figures->end;
        $half = abs($figures->end - $figures->start) / 2;

        return match (true) {
            $isWhole && $figures->end > $figures->start => [-$half, $half],
            $isWhole => [$half, -$half],
            default => [$figures->start, $figures->end],
        };
    }
}
