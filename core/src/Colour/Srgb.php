<?php

declare(strict_types=1);

namespace Rigger\Core\Colour;

use Rigger\Core\Input\InputError;
use Rigger\Core\Number\Rounding;

/**
 * Screen colours, IEC 61966-2-1 with white D65: "#rrggbb", written in lower case, read with or without # in either case.
 */
final class Srgb
{
    /** Linear sRGB to XYZ, the standard's matrix of four decimals. */
    private const TO_XYZ = [
        [0.4124, 0.3576, 0.1805],
        [0.2126, 0.7152, 0.0722],
        [0.0193, 0.1192, 0.9505],
    ];

    /** Its exact inverse, recalculated in rational arithmetic to 17 digits (the standard prints four). */
    private const FROM_XYZ = [
        [3.2406254773200533, -1.5372079722103187, -0.4986285986982479],
        [-0.9689307147293194, 1.875756060885241, 0.04151752384295394],
        [0.05571012044551061, -0.2040210505984867, 1.0569959422543882],
    ];

    /**
     * @param string $field where the text stands, for the error
     *
     * @throws InputError no_colour for black and for anything that is not six hexadecimal digits
     */
    public static function chromaticity(string $hex, string $field): Chromaticity
    {
        if (!self::isHex($hex)) {
            throw InputError::because(
                'no_colour',
                $field,
                InputError::quote($hex).' is not a screen colour: write # and six hexadecimal digits, such as #ff8600.',
            );
        }
        $linear = array_map(static fn (string $pair): float => self::linear(hexdec($pair) / 255), str_split(ltrim($hex, '#'), 2));
        $xyz = self::times(self::TO_XYZ, $linear);
        $sum = array_sum($xyz);
        if ($sum <= 0.0) {
            throw InputError::because('no_colour', $field, 'Black is no colour: it has no hue to mix.');
        }

        return Chromaticity::of($xyz[0] / $sum, $xyz[1] / $sum);
    }

    public static function isHex(string $text): bool
    {
        return 1 === preg_match('/^#?[0-9a-fA-F]{6}$/D', $text);
    }

    /**
     * The colour as a screen shows it at full brightness: out-of-gamut components lifted to 0, the largest put to 1.
     */
    public static function hex(Chromaticity $colour): string
    {
        $linear = self::times(self::FROM_XYZ, $colour->toXyz(1.0));
        $least = min($linear);
        if ($least < 0) {
            $linear = [$linear[0] - $least, $linear[1] - $least, $linear[2] - $least];
        }
        $greatest = max($linear);

        return self::ofLinear($linear[0] / $greatest, $linear[1] / $greatest, $linear[2] / $greatest);
    }

    /** Shares of the light, 0 to 1, as they are written. */
    public static function ofLinear(float ...$shares): string
    {
        return \sprintf(
            '#%02x%02x%02x',
            ...array_map(static fn (float $share): int => Rounding::nearest(255 * self::encode($share)), array_values($shares)),
        );
    }

    /**
     * A screen colour with its luminance, white being 100; black keeps the white point's chromaticity.
     *
     * @return array{float, float, float} x, y, Y
     */
    public static function xyY(string $hex): array
    {
        $xyz = self::times(
            self::TO_XYZ,
            array_map(static fn (string $pair): float => self::linear(hexdec($pair) / 255), str_split(ltrim($hex, '#'), 2)),
        );
        $sum = array_sum($xyz);

        return $sum <= 0.0 ? [0.3127, 0.3290, 0.0] : [$xyz[0] / $sum, $xyz[1] / $sum, 100 * $xyz[1]];
    }

    /** The other way; what lies outside the screen's colours is clipped. */
    public static function hexOfXyY(float $x, float $y, float $luminance): string
    {
        $linear = $y <= 0.0
            ? [0.0, 0.0, 0.0]
            : self::times(self::FROM_XYZ, [$x / $y * $luminance / 100, $luminance / 100, (1 - $x - $y) / $y * $luminance / 100]);

        return self::ofLinear(...array_map(static fn (float $part): float => max(0.0, min(1.0, $part)), $linear));
    }

    /** Of one component 0 to 1 as it is written, its share of the light. */
    public static function linear(float $encoded): float
    {
        return $encoded <= 0.04045 ? $encoded / 12.92 : (($encoded + 0.055) / 1.055) ** 2.4;
    }

    private static function encode(float $linear): float
    {
        return $linear <= 0.0031308 ? 12.92 * $linear : 1.055 * $linear ** (1 / 2.4) - 0.055;
    }

    /**
     * @param array{list<float>, list<float>, list<float>} $matrix
     * @param list<float>                                  $vector
     *
     * @return array{float, float, float}
     */
    private static function times(array $matrix, array $vector): array
    {
        [$x, $y, $z] = array_map(
            static fn (array $row): float => $row[0] * $vector[0] + $row[1] * $vector[1] + $row[2] * $vector[2],
            $matrix,
        );

        return [$x, $y, $z];
    }
}
