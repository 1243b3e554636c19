<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Colour\Planckian;
use Rigger\Core\Colour\Source;
use Rigger\Core\Colour\Srgb;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;

/**
 * Colours and emitters as topics take them.
 *
 * @internal
 */
final class ColourInput
{
    private const FARTHEST_DUV = 0.05;

    /**
     * {"key","x","y","flux"} each.
     *
     * @return list<Source>
     *
     * @throws InputError
     */
    public static function sources(Members $in, string $member): array
    {
        $sources = $in->each($member, static function (mixed $one, string $path): Source {
            $members = Members::of($one, ['key', 'x', 'y', 'flux'], $path);

            return new Source($members->text('key'), self::xy($members), $members->number('flux', 0));
        });
        UniqueIds::require($in->path($member), array_map(static fn (Source $one): string => $one->key, $sources), 'key');

        return $sources;
    }

    /**
     * {"x","y","flux"}.
     *
     * @throws InputError
     */
    public static function white(Members $in, string $member): Source
    {
        $white = Members::of($in->raw($member), ['x', 'y', 'flux'], $in->path($member));

        return new Source($member, self::xy($white), $white->above('flux', 0));
    }

    /**
     * {"x","y"} | {"hex"} | {"kelvin","duv"?}.
     *
     * @throws InputError
     */
    public static function target(mixed $input, string $path): Chromaticity
    {
        $in = Members::open($input, $path);
        $isXy = $in->has('x') || $in->has('y');
        $in->allow(match (true) {
            $isXy => ['x', 'y'],
            $in->has('hex') => ['hex'],
            $in->has('kelvin') => ['kelvin', 'duv'],
            default => ['x', 'y', 'hex', 'kelvin', 'duv'],
        });
        if (!$isXy && $in->has('hex')) {
            return Srgb::chromaticity($in->text('hex'), $in->path('hex'));
        }
        if (!$isXy && $in->has('kelvin')) {
            $kelvin = $in->number('kelvin', Planckian::COLDEST, Planckian::HOTTEST);

            return Planckian::chromaticity($kelvin, $in->has('duv') ? $in->number('duv', -self::FARTHEST_DUV, self::FARTHEST_DUV) : 0.0);
        }

        return self::xy($in);
    }

    private static function xy(Members $in): Chromaticity
    {
        $x = $in->number('x', 0, 1);
        $y = $in->number('y', 0, 1);
        try {
            return Chromaticity::of($x, $y);
        } catch (InputError $error) {
            throw $error->in($in->path(''));
        }
    }
}
