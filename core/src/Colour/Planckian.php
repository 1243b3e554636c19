<?php

declare(strict_types=1);

namespace Rigger\Core\Colour;

/**
 * White by colour temperature: Krystek's rational fit of the Planckian line in CIE 1960 (u, v), 1000 to 15000 K
 * (M. Krystek, "An algorithm to calculate correlated colour temperature", Color Research & Application 10, 1985).
 */
final class Planckian
{
    public const COLDEST = 1000.0;
    public const HOTTEST = 15000.0;

    private const U = [0.860117757, 1.54118254e-4, 1.28641212e-7, 8.42420235e-4, 7.08145163e-7];
    private const V = [0.317398726, 4.22806245e-5, 4.20481691e-8, -2.89741816e-5, 1.61456053e-7];

    /**
     * The white of a temperature, moved off the line by Duv along its normal, positive towards green.
     *
     * @param float $kelvin held to 1000…15000, where the fit is good
     */
    public static function chromaticity(float $kelvin, float $duv = 0.0): Chromaticity
    {
        $kelvin = min(max($kelvin, self::COLDEST), self::HOTTEST);
        [$u, $slopeU] = self::fit(self::U, $kelvin);
        [$v, $slopeV] = self::fit(self::V, $kelvin);
        $length = hypot($slopeU, $slopeV);
        // The normal to (u', v') that points to the greater v.
        $side = $slopeU < 0 ? -1 : 1;

        return Chromaticity::ofUv1960($u - $side * $slopeV / $length * $duv, $v + $side * $slopeU / $length * $duv);
    }

    /**
     * (a + bT + cT²)/(1 + dT + eT²) and its derivative.
     *
     * @param list<float> $k a, b, c, d, e
     *
     * @return array{float, float}
     */
    private static function fit(array $k, float $kelvin): array
    {
        $above = $k[0] + $k[1] * $kelvin + $k[2] * $kelvin ** 2;
        $below = 1 + $k[3] * $kelvin + $k[4] * $kelvin ** 2;

        return [$above / $below, (($k[1] + 2 * $k[2] * $kelvin) * $below - $above * ($k[3] + 2 * $k[4] * $kelvin)) / $below ** 2];
    }
}
