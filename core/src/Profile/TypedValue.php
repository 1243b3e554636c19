<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

use Rigger\Core\Input\InputError;
use Rigger\Core\Number\Rounding;

/** A value as it is typed at a desk: "140", "50%", "full", or the name of a range. */
final class TypedValue
{
    private const HELP = 'Type 0 to 255, a percent, "full" or the name of a range.';

    /**
     * `full`, `dimmer` and `100%` are the value of the greatest quantity, `50%` is the nearest to half of it; where a channel has no
     * quantity a percent is that of the travel. A name stands for the middle of its range, or for all of a level.
     *
     * @param list<TypedRange> $ranges of the channel, as the chart has them
     *
     * @return int 0 to 255
     *
     * @throws InputError not_understood, out_of_range, field "text"
     */
    public static function read(string $text, array $ranges): int
    {
        $typed = mb_strtolower(trim($text));
        if (1 === preg_match('/^\d+(?:[.,]\d+)?\s*(?:%|percent)$/', $typed)) {
            return self::share((float) str_replace(',', '.', $typed) / 100, $ranges);
        }
        if (1 === preg_match('/^-?\d+(?:[.,]\d+)?$/', $typed)) {
            return self::plain($typed);
        }
        $level = self::level($ranges);
        if ('full' === $typed || ('dimmer' === $typed && RangeFunction::Intensity === $level?->function)) {
            return self::share(1.0, $ranges);
        }
        $named = '' === $typed ? null : self::named($typed, $ranges);

        return match (true) {
            null === $named => throw InputError::because('not_understood', 'text', self::HELP),
            $named->isLevel() => $named->nearest($named->greatest()),
            default => intdiv($named->from + $named->to, 2),
        };
    }

    private static function plain(string $typed): int
    {
        $value = (float) str_replace(',', '.', $typed);
        if (floor($value) !== $value) {
            throw InputError::because('not_understood', 'text', 'Values are whole: 0 to 255. For a share type it with %.');
        }
        if ($value < 0 || $value > 255) {
            throw InputError::because('out_of_range', 'text', \sprintf('%s is no value: they run from 0 to 255.', $typed));
        }

        return (int) $value;
    }

    /** @param list<TypedRange> $ranges */
    private static function share(float $share, array $ranges): int
    {
        if ($share > 1.0) {
            throw InputError::because('out_of_range', 'text', 'A percent is 0 to 100.');
        }
        $level = self::level($ranges);

        return null === $level ? Rounding::nearest($share * 255) : $level->nearest($share * $level->greatest());
    }

    /**
     * The range of the greatest quantity; of several the first.
     *
     * @param list<TypedRange> $ranges
     */
    private static function level(array $ranges): ?TypedRange
    {
        $best = null;
        foreach ($ranges as $range) {
            if ($range->isLevel() && (null === $best || $range->greatest() > $best->greatest() + 1e-9)) {
                $best = $range;
            }
        }

        return $best;
    }

    /** @param list<TypedRange> $ranges */
    private static function named(string $typed, array $ranges): ?TypedRange
    {
        foreach ([
            static fn (TypedRange $range): bool => mb_strtolower($range->label) === $typed,
            static fn (TypedRange $range): bool => str_starts_with(mb_strtolower($range->label), $typed),
            static fn (TypedRange $range): bool => $range->function->value === $typed,
            static fn (TypedRange $range): bool => str_contains(mb_strtolower($range->label), $typed),
        ] as $matches) {
            foreach ($ranges as $range) {
                if ($matches($range)) {
                    return $range;
                }
            }
        }

        return null;
    }
}
