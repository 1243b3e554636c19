<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\Members;
use Rigger\Core\Position\Head;
use Rigger\Core\Position\PanTilt;
use Rigger\Core\Position\Point;

/**
 * Heads and points as `aim` and `beam.hit` take them.
 *
 * @internal
 */
final class HeadInput
{
    /** {"x","y","z","hung":bool,"heading"} */
    public static function head(Members $in, string $member): Head
    {
        $unit = Members::of($in->raw($member), ['x', 'y', 'z', 'hung', 'heading'], $in->path($member));
        $at = self::xyz($unit);

        return new Head($at, $unit->flag('hung'), $unit->number('heading'));
    }

    /** {"x","y","z"} */
    public static function point(Members $in, string $member): Point
    {
        return self::xyz(Members::of($in->raw($member), ['x', 'y', 'z'], $in->path($member)));
    }

    /** {"pan","tilt"}, each above 0 and at most 1080 degrees from end to end */
    public static function travel(Members $in, string $member): PanTilt
    {
        $travel = Members::of($in->raw($member), ['pan', 'tilt'], $in->path($member));

        return new PanTilt($travel->above('pan', 0, 1080), $travel->above('tilt', 0, 1080));
    }

    /** @return array{x: float, y: float, z: float} */
    public static function shape(Point $point): array
    {
        return ['x' => $point->x, 'y' => $point->y, 'z' => $point->z];
    }

    private static function xyz(Members $in): Point
    {
        return new Point($in->number('x'), $in->number('y'), $in->number('z'));
    }
}
