<?php

declare(strict_types=1);

namespace Rigger\Core\Light\Solve;

use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Colour\Uv;

/**
 * The colour at which several units come nearest to one another, when the one that is asked is out of reach of some.
 *
 * From the asked colour, and from each that a unit comes to, one goes a little towards whatever the unit can show that is farthest off,
 * ever less (M. Bădoiu, K. L. Clarkson, "Smaller core-sets for balls", SODA 2003, with sets in the place of points); of the places on
 * the way the one counts at which the worst unit is least off.
 */
final readonly class MeetingPoint
{
    private const ROUNDS = 60;
    private const MOST_STARTS = 6;

    /**
     * @param float $worst    Δu′v′ of whoever is farthest off there
     * @param Uv    $farthest what that one shows then
     */
    private function __construct(public Chromaticity $colour, public float $worst, private Uv $farthest)
    {
    }

    /** @param non-empty-list<ColourReach> $units */
    public static function of(array $units, Chromaticity $asked): self
    {
        $target = Uv::of($asked);
        $starts = [$target, ...array_map(static fn (ColourReach $unit): Uv => $unit->nearest($target), $units)];
        $best = self::at($target, $units);
        foreach (\array_slice($starts, 0, self::MOST_STARTS) as $place) {
            for ($round = 1; $round <= self::ROUNDS; ++$round) {
                $here = self::at($place, $units);
                $best = $here->isBetter($best, $target) ? $here : $best;
                $place = $place->towards($here->farthest, 1 / ($round + 1));
            }
        }

        return $best;
    }

    /** @param non-empty-list<ColourReach> $units */
    private static function at(Uv $place, array $units): self
    {
        [$worst, $farthest] = [-1.0, $place];
        foreach ($units as $unit) {
            $nearest = $unit->nearest($place);
            if ($nearest->distance($place) > $worst) {
                [$worst, $farthest] = [$nearest->distance($place), $nearest];
            }
        }

        return new self($place->held(), $worst, $farthest);
    }

    /** Of two that are as good, the nearer to what was asked. */
    private function isBetter(self $other, Uv $target): bool
    {
        return $this->worst < $other->worst - 1e-6
            || ($this->worst < $other->worst + 1e-6
                && Uv::of($this->colour)->distance($target) < Uv::of($other->colour)->distance($target) - 1e-9);
    }
}
