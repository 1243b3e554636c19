<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

use Rigger\Core\Colour\Chromaticity;

/** Figures to begin with where the maker states none: planning values, each of which may be replaced by a measured one. */
final class TypicalEmitters
{
    /** key => x, y, flux relative to white */
    private const FIGURES = [
        'red' => [0.700, 0.299, 0.25],
        'green' => [0.170, 0.700, 0.55],
        'blue' => [0.135, 0.060, 0.08],
        'amber' => [0.570, 0.425, 0.35],
        'cyan' => [0.080, 0.400, 0.40],
        'white' => [0.313, 0.329, 1.00],
        'warm-white' => [0.437, 0.404, 0.85],
        'cool-white' => [0.294, 0.304, 1.00],
        'lime' => [0.410, 0.555, 0.90],
        'uv' => [0.172, 0.010, 0.01],
    ];

    /** @return list<Emitter> */
    public static function all(): array
    {
        $emitters = [];
        foreach (self::FIGURES as $key => [$x, $y, $flux]) {
            $emitters[] = new Emitter($key, Chromaticity::of($x, $y), $flux, true);
        }

        return $emitters;
    }
}
