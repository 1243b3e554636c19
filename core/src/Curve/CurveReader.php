<?php

declare(strict_types=1);

namespace Rigger\Core\Curve;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;

/** {"shape","min":0,"max":255,"bound","points"?} to a Curve; points stand with shape "table" alone. */
final class CurveReader
{
    /**
     * @param list<string> $before members that the caller has read or will read, for the order of errors
     * @param list<string> $after
     *
     * @return list<string> every member that may stand there
     */
    public static function members(mixed $input, array $before = [], array $after = []): array
    {
        $open = Members::open($input);
        $isTable = $open->has('shape') && Shape::Table->value === $open->raw('shape');

        return [...$before, 'shape', 'min', 'max', 'bound', ...($isTable ? ['points'] : []), ...$after];
    }

    /** @throws InputError missing, wrong_type, not_a_choice, out_of_range; limits_crossed; bad_points */
    public static function read(Members $in): Curve
    {
        $shape = Shape::from($in->choice('shape', array_column(Shape::cases(), 'value')));
        $min = $in->wholeOr('min', 0, 0, 255);
        $max = $in->wholeOr('max', 255, 0, 255);
        $bound = Bound::from($in->choice('bound', array_column(Bound::cases(), 'value')));
        $points = Shape::Table === $shape ? $in->each('points', self::point(...), 256) : [];

        return new Curve($shape, $min, $max, $bound, $points);
    }

    /** @return array{float, float} */
    private static function point(mixed $item, string $path): array
    {
        if (!\is_array($item) || 2 !== \count($item)) {
            throw InputError::wrongType($path, 'a pair of numbers', $item);
        }
        $pair = array_values($item);

        return [Scalars::number($pair[0], $path.'[0]'), Scalars::number($pair[1], $path.'[1]')];
    }
}
