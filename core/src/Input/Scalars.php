<?php

declare(strict_types=1);

namespace Rigger\Core\Input;

/** Single JSON values with their bounds. A number without fraction is whole however it is written (5.0). */
final class Scalars
{
    public static function text(mixed $value, string $path): string
    {
        return \is_string($value) ? $value : throw InputError::wrongType($path, 'a text', $value);
    }

    public static function whole(mixed $value, string $path, int $min = \PHP_INT_MIN, int $max = \PHP_INT_MAX): int
    {
        if (\is_float($value)) {
            if (floor($value) !== $value && is_finite($value)) {
                throw InputError::wrongType($path, 'a whole number', $value);
            }
            if (abs($value) >= 2 ** 53) {
                throw InputError::outOfRange($path, is_finite($value) ? $value : \PHP_INT_MAX, self::bounds($min, $max));
            }
            $value = (int) $value;
        }
        if (!\is_int($value)) {
            throw InputError::wrongType($path, 'a whole number', $value);
        }
        if ($value < $min || $value > $max) {
            throw InputError::outOfRange($path, $value, self::bounds($min, $max));
        }

        return $value;
    }

    public static function number(mixed $value, string $path, float $min = -\INF, float $max = \INF): float
    {
        if (!\is_int($value) && !\is_float($value)) {
            throw InputError::wrongType($path, 'a number', $value);
        }
        $number = (float) $value;
        if (!is_finite($number)) {
            throw InputError::because('out_of_range', $path, $path.' is too large a number.');
        }
        if ($number < $min || $number > $max) {
            throw InputError::outOfRange($path, $value, self::bounds($min, $max));
        }

        return $number;
    }

    /** A number above a bound that it may not reach. */
    public static function above(mixed $value, string $path, float $bound, float $max = \INF): float
    {
        $number = self::number($value, $path, -\INF, $max);

        return $number > $bound ? $number : throw InputError::outOfRange(
            $path,
            $number,
            'above '.json_encode($bound).(\INF === $max ? '' : ' and at most '.json_encode($max)),
        );
    }

    private static function bounds(int|float $min, int|float $max): string
    {
        $low = \PHP_INT_MIN === $min || -\INF === $min ? null : (string) json_encode($min);
        $high = \PHP_INT_MAX === $max || \INF === $max ? null : (string) json_encode($max);

        return match (true) {
            null === $low && null === $high => 'a number that can be counted',
            null === $low => 'at most '.$high,
            null === $high => 'at least '.$low,
            default => $low.' to '.$high,
        };
    }
}
