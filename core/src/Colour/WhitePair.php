<?php

declare(strict_types=1);

namespace Rigger\Core\Colour;

/** Two whites mixed to a colour temperature between theirs, as bright as it goes: one of the two is at full. */
final readonly class WhitePair
{
    private function __construct(public float $warm, public float $cool, public Mix $mix, public Temperature $reached)
    {
    }

    /**
     * Beyond an end, that one alone.
     *
     * @param Source $warm   with flux above 0, a white as Temperature has it
     * @param Source $cool   likewise; which of the two is really the warmer is found by their temperatures
     * @param float  $kelvin 1000 to 15000
     */
    public static function at(Source $warm, Source $cool, float $kelvin): self
    {
        [$ofWarm, $ofCool] = [Temperature::of($warm->chromaticity)->kelvin, Temperature::of($cool->chromaticity)->kelvin];
        $isRight = $ofWarm <= $ofCool;
        // A share of 0 is the lower end alone, of 1 the upper one.
        $share = match (true) {
            $kelvin <= min($ofWarm, $ofCool) => 0.0,
            $kelvin >= max($ofWarm, $ofCool) => 1.0,
            default => self::share($isRight ? $warm : $cool, $isRight ? $cool : $warm, $kelvin),
        };
        $levels = self::levels($share);
        [$warmLevel, $coolLevel] = $isRight ? $levels : array_reverse($levels);
        $mix = Mix::of([$warm, $cool], [$warmLevel, $coolLevel]);
        \assert(null !== $mix->colour);

        return new self($warmLevel, $coolLevel, $mix, Temperature::of($mix->colour));
    }

    /** By halves: the temperature rises all the way from the lower end to the upper one. */
    private static function share(Source $low, Source $high, float $kelvin): float
    {
        [$from, $to] = [0.0, 1.0];
        for ($turn = 0; $turn < 60; ++$turn) {
            $middle = ($from + $to) / 2;
            $mix = Mix::of([$low, $high], self::levels($middle))->colour;
            if (null !== $mix && Temperature::of($mix)->kelvin < $kelvin) {
                $from = $middle;
            } else {
                $to = $middle;
            }
        }

        return ($from + $to) / 2;
    }

    /** @return array{float, float} from one alone, over both at full, to the other alone */
    private static function levels(float $share): array
    {
        return $share <= 0.5 ? [1.0, 2 * $share] : [2 * (1 - $share), 1.0];
    }
}
