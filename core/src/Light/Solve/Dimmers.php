<?php

declare(strict_types=1);

namespace Rigger\Core\Light\Solve;

use Rigger\Core\Profile\RangeFunction;

/**
 * Where the dimmers of a mode go for what its cells should give, and what is left for the colours to dim.
 *
 * A cell's own dimmer takes the cell's intensity, and the whole unit's is full then; else that one takes the greatest of the cells'
 * intensities, and a cell's colours its share of it. A second dimmer over the same cells is full.
 *
 * @internal
 */
final readonly class Dimmers
{
    /** @var list<Set> */
    public array $sets;
    /** @var array<int, float> what each cell's colours are multiplied by */
    public array $levels;
    /** The same for colours of the whole unit, where every cell has an intent of its own. */
    public float $whole;

    /**
     * @param list<Place>        $places
     * @param Place|null         $flashing takes no part: it flashes
     * @param array<int, Intent> $each     by cell
     */
    public function __construct(array $places, ?Place $flashing, array $each)
    {
        $wholes = $owns = [];
        foreach ($places as $place) {
            if ($place === $flashing || !$place->dims()) {
                continue;
            }
            if (null === $place->channel->cell) {
                $wholes[] = $place;
            } else {
                $owns[$place->channel->cell][] = $place;
            }
        }
        $intensities = array_map(static fn (Intent $intent): float => $intent->intensity, $each);
        $greatest = [] === $intensities ? 0.0 : max($intensities);
        $ofWhole = [] !== $owns || [] === $wholes ? 1.0 : $greatest;
        $sets = self::full($wholes, $ofWhole);
        $levels = [];
        foreach ($intensities as $cell => $intensity) {
            array_push($sets, ...self::full($owns[$cell] ?? [], $intensity));
            $levels[$cell] = match (true) {
                isset($owns[$cell]) => 1.0,
                [] === $owns && [] !== $wholes => $greatest > 0.0 ? $intensity / $greatest : 1.0,
                default => $intensity,
            };
        }
        $this->sets = $sets;
        $this->levels = $levels;
        $this->whole = [] === $wholes ? $greatest : 1.0;
    }

    /**
     * The first takes the intensity, the rest are full.
     *
     * @param list<Place> $dimmers
     *
     * @return list<Set>
     */
    private static function full(array $dimmers, float $intensity): array
    {
        return array_map(
            static fn (Place $place, int $nth): Set => self::at($place, 0 === $nth ? $intensity : 1.0),
            $dimmers,
            array_keys($dimmers),
        );
    }

    private static function at(Place $place, float $intensity): Set
    {
        $set = $place->nearest($place->ranges(RangeFunction::Intensity), $intensity);
        $closed = $intensity <= 0.0 && (null === $set || $set->quantity > 0.0) ? $place->firstOf(RangeFunction::Closed) : null;

        return null !== $closed ? $place->at($closed->middle()) : $set ?? $place->quiet();
    }
}
