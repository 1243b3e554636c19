<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Curve\Bound;
use Rigger\Core\Curve\Curve;
use Rigger\Core\Curve\Shape;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;

/** `curve` {"level","shape","min":0,"max":255,"bound","points"?} → {"value"}. */
final class CurveTopic implements Topic
{
    private const MEMBERS = ['level', 'shape', 'min', 'max', 'bound'];

    public function __invoke(mixed $input): array
    {
        $shape = Members::open($input);
        $isTable = $shape->has('shape') && Shape::Table->value === $shape->raw('shape');
        $in = Members::of($input, $isTable ? [...self::MEMBERS, 'points'] : self::MEMBERS);
        $level = $in->number('level', 0, 1);
        $shape = Shape::from($in->choice('shape', array_column(Shape::cases(), 'value')));
        $min = $in->wholeOr('min', 0, 0, 255);
        $max = $in->wholeOr('max', 255, 0, 255);
        $bound = Bound::from($in->choice('bound', array_column(Bound::cases(), 'value')));
        $points = $isTable ? $in->each('points', self::point(...)) : [];

        return ['value' => (new Curve($shape, $min, $max, $bound, $points))->valueAt($level)];
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
