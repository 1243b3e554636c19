<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Colour\SaidColour;
use Rigger\Core\Colour\Source;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;

/**
 * Colours and emitters as topics take them.
 *
 * @internal
 */
final class ColourInput
{
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

            return new Source($members->text('key'), SaidColour::xy($members), $members->number('flux', 0));
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

        return new Source($member, SaidColour::xy($white), $white->above('flux', 0));
    }

    /**
     * {"x","y"} | {"hex"} | {"kelvin","duv"?}.
     *
     * @throws InputError
     */
    public static function target(mixed $input, string $path): Chromaticity
    {
        return SaidColour::read($input, $path)->chromaticity;
    }
}
