<?php

declare(strict_types=1);

namespace Rigger\Core\Light\Solve;

use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Colour\Mix;
use Rigger\Core\Colour\Recipe;
use Rigger\Core\Colour\Solver;
use Rigger\Core\Colour\Source;
use Rigger\Core\Colour\Uv;
use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Range;
use Rigger\Core\Profile\RangeFunction;

/**
 * Channels that drive emitters together, and the mixes that they can be set to.
 *
 * @internal
 */
final class EmitterPlaces
{
    /** What a share of the light that is lost counts beside a colour that is missed, in Δu′v′. */
    private const LIGHT_FOR_COLOUR = 0.02;
    private const MOST_ROUNDS = 12;
    private const MOST_KNOWN = 128;

    /** @var list<Source> */
    private readonly array $sources;
    /** @var array<string, Solver> by recipe */
    private array $solvers = [];

    /** @var array<string, list<Set>> by colour, recipe and dimming: units of one mode are often asked the same */
    private array $known = [];

    /** @param list<Place> $places with emitter ranges, in channel order */
    public function __construct(FixtureProfile $profile, public readonly array $places)
    {
        $sources = [];
        foreach ($places as $place) {
            foreach ($place->ranges(RangeFunction::Emitter) as $range) {
                $emitter = $profile->emitter((string) $range->emitter)
                    ?? throw new \LogicException('ProfileCheck lets no unknown emitter pass.');
                $sources['.'.$emitter->key] = new Source($emitter->key, $emitter->chromaticity, $emitter->flux);
            }
        }
        $this->sources = array_values($sources);
    }

    /**
     * @param float  $dimming what the levels are multiplied by, 0 to 1
     * @param string $field   where the intent stands: "intent." or "cells.2."
     *
     * @return list<Set> one a place
     *
     * @throws InputError recipe_needs_rgb
     */
    public function solve(Intent $intent, float $dimming, string $field): array
    {
        if (null === $intent->colour || [] === array_filter($this->sources, static fn (Source $one): bool => $one->flux > 0.0)) {
            return $this->sets(array_fill(0, \count($this->sources), $dimming));
        }
        $key = \sprintf('%s %.17g %.17g %.17g', $intent->recipe->value, $intent->colour->x, $intent->colour->y, $dimming);
        if (!isset($this->known[$key])) {
            $this->known = \count($this->known) < self::MOST_KNOWN ? $this->known : [];
            $this->known[$key] = $this->mixed($intent->colour, $intent->recipe, $dimming, $field);
        }

        return $this->known[$key];
    }

    /**
     * @return list<Set>
     *
     * @throws InputError recipe_needs_rgb
     */
    private function mixed(Chromaticity $colour, Recipe $recipe, float $dimming, string $field): array
    {
        $solver = $this->solvers[$recipe->value] ??= new Solver($this->sources, $recipe);
        $solved = $solver->solve($colour, $field);
        $levels = array_map(static fn (float $level): float => $level * $dimming, $solved->levels);
        $sets = $this->sets($levels);

        return null === $solved->mix->colour ? $sets : $this->refined($sets, Mix::of($this->sources, $levels), $recipe);
    }

    /**
     * @param list<float> $levels by source
     *
     * @return list<Set>
     */
    private function sets(array $levels): array
    {
        $byKey = array_combine(array_map(static fn (Source $one): string => '.'.$one->key, $this->sources), $levels);

        return array_map(static function (Place $place) use ($byKey): Set {
            $ranges = $place->ranges(RangeFunction::Emitter);
            // Of several emitters on one channel it can drive but one: the one that is wanted most.
            $wanted = (string) $ranges[0]->emitter;
            foreach ($ranges as $range) {
                if ($byKey['.'.$range->emitter] > $byKey['.'.$wanted]) {
                    $wanted = (string) $range->emitter;
                }
            }
            $level = $byKey['.'.$wanted];
            $mine = array_values(array_filter($ranges, static fn (Range $range): bool => $range->emitter === $wanted));
            $lowest = min([1.0, ...array_map(static fn (Range $range): float => min($range->start ?? 0.0, $range->end ?? 1.0), $mine)]);
            $off = $level < $lowest / 2 ? $place->firstOf(RangeFunction::None, RangeFunction::Closed) : null;

            return null !== $off ? $place->at($off->middle()) : $place->nearest($mine, $level) ?? $place->at($mine[0]->full());
        }, $this->places);
    }

    /**
     * Whole values miss a colour a little: of those near by, the ones that hold it best.
     *
     * @param list<Set> $sets
     *
     * @return list<Set>
     */
    private function refined(array $sets, Mix $meant, Recipe $recipe): array
    {
        if (null === $meant->colour) {
            return $sets;
        }
        $best = $this->miss($sets, $meant);
        for ($round = 0; $round < self::MOST_ROUNDS; ++$round) {
            $next = null;
            foreach ($sets as $index => $set) {
                foreach ([-1, 1, -2, 2] as $step) {
                    $tried = $this->stepped($set, $step, $recipe);
                    $miss = null === $tried ? \INF : $this->miss(array_replace($sets, [$index => $tried]), $meant);
                    if ($miss < $best - 1e-9) {
                        [$best, $next] = [$miss, [$index => $tried]];
                    }
                }
            }
            if (null === $next) {
                break;
            }
            $sets = array_values(array_filter(array_replace($sets, $next)));
        }

        return $sets;
    }

    /** The same a few values on, as long as that is the same emitter. */
    private function stepped(Set $set, int $step, Recipe $recipe): ?Set
    {
        $value = $set->value + $step;
        $range = $set->place->channel->rangeAt($value);
        $isSame = null !== $range && RangeFunction::Emitter === $range->function
            && $range->emitter === $set->place->channel->rangeAt($set->value)?->emitter;
        if (null !== $set->low || !$isSame || (Recipe::Three === $recipe && !\in_array($range->emitter, Recipe::THREE, true))) {
            return null;
        }

        return new Set($set->place, $value, null, (float) $range->quantityAt($value));
    }

    /** @param array<int, Set> $sets */
    private function miss(array $sets, Mix $meant): float
    {
        $levels = array_fill_keys(array_map(static fn (Source $one): string => '.'.$one->key, $this->sources), 0.0);
        foreach ($sets as $set) {
            $range = $set->place->channel->rangeAt($set->value);
            if (RangeFunction::Emitter === $range?->function) {
                $levels['.'.$range->emitter] = max($levels['.'.$range->emitter], $set->quantity);
            }
        }
        $mix = Mix::of($this->sources, array_values($levels));
        if (null === $mix->colour || null === $meant->colour) {
            return \INF;
        }

        return Uv::of($mix->colour)->distance(Uv::of($meant->colour))
            + self::LIGHT_FOR_COLOUR * abs(log($mix->luminance / $meant->luminance));
    }
}
