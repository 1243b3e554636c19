<?php

declare(strict_types=1);

namespace Rigger\Core\Light\Solve;

use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Colour\Planckian;
use Rigger\Core\Colour\Srgb;
use Rigger\Core\Colour\Uv;
use Rigger\Core\Profile\RangeFunction;

/**
 * Built-in colours, wheel slots and white points of some channels: what a unit without emitters of its own can choose among.
 *
 * @internal
 */
final readonly class ColourChoices
{
    /** Δu′v′ from which on a white point is not the white that was asked. */
    private const SAME = 0.004;

    /** @var list<array{Set, Uv, bool}> the choice, its colour, and whether it is a white point; in channel order, then the chart's */
    private array $choices;

    /**
     * @param list<Place> $places in channel order
     * @param float       $tint   Duv that its whites are moved by
     */
    public function __construct(array $places, Chromaticity $lamp, float $tint)
    {
        $choices = [];
        foreach ($places as $place) {
            foreach ($place->channel->ranges as $range) {
                if (RangeFunction::ColourPreset === $range->function || RangeFunction::Wheel === $range->function) {
                    $isKnown = null !== $range->hex || RangeFunction::Wheel === $range->function;
                    $colour = null === $range->hex ? $lamp : Srgb::chromaticity($range->hex, 'profile');
                    if ($isKnown) {
                        $choices[] = [$place->at($range->middle()), Uv::of($colour), false];
                    }
                } elseif (RangeFunction::WhitePoint === $range->function) {
                    for ($value = $range->from; $value <= $range->to; ++$value) {
                        $kelvin = $range->quantityAt($value, null === $place->fine ? null : 0);
                        if (null !== $kelvin) {
                            $white = Uv::of(Planckian::chromaticity($kelvin, $tint));
                            $choices[] = [new Set($place, $value, null === $place->fine ? null : 0, $kelvin), $white, true];
                        }
                    }
                }
            }
        }
        $this->choices = $choices;
    }

    public function isEmpty(): bool
    {
        return [] === $this->choices;
    }

    /** @return array{Set, bool} the nearest, and whether that is another colour than was asked, or may be */
    public function nearest(Chromaticity $colour): array
    {
        $target = Uv::of($colour);
        $best = $this->closest($target);

        return [$best[0], !$best[2] || $best[1]->distance($target) > self::SAME];
    }

    /** The colour of the nearest. */
    public function colour(Uv $target): Uv
    {
        return $this->closest($target)[1];
    }

    /** @return array{Set, Uv, bool} of several that are as near, the first */
    private function closest(Uv $target): array
    {
        [$best, $least] = [$this->choices[0], \INF];
        foreach ($this->choices as $choice) {
            $distance = $choice[1]->distance($target);
            if ($distance < $least - 1e-12) {
                [$best, $least] = [$choice, $distance];
            }
        }

        return $best;
    }
}
