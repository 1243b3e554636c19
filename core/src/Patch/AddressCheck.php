<?php

declare(strict_types=1);

namespace Rigger\Core\Patch;

/** Who shares slots with whom, who runs past 512, and what each universe has left. */
final readonly class AddressCheck
{
    /**
     * @param list<Relation>      $relations pairs by the position of a, then b; overruns after them
     * @param list<UniverseUsage> $usage     universes in ascending order
     */
    private function __construct(public array $relations, public array $usage)
    {
    }

    /** @param list<Placed> $units in the given order, with different ids */
    public static function of(array $units): self
    {
        $universes = [];
        foreach ($units as $position => $unit) {
            $universes[$unit->universe][$position] = $unit;
        }
        ksort($universes);

        $usage = [];
        $pairs = [];
        foreach ($universes as $universe => $members) {
            $usage[] = UniverseUsage::of($universe, array_map(static fn (Placed $placed): Span => $placed->span, array_values($members)));
            array_push($pairs, ...self::sharing($members));
        }
        usort($pairs, static fn (array $one, array $other): int => [$one[0], $one[1]] <=> [$other[0], $other[1]]);

        return new self([...array_column($pairs, 2), ...self::overruns($units)], $usage);
    }

    /**
     * How many pairs share slots, counted without making them: of each unit in the order of first slots, those before it that have not
     * ended yet.
     *
     * @param list<Placed> $units
     */
    public static function pairs(array $units): int
    {
        $begin = $end = [];
        foreach ($units as $unit) {
            $begin[$unit->universe][] = $unit->span->first;
            $end[$unit->universe][] = $unit->span->lastInUniverse();
        }
        $pairs = 0;
        foreach ($begin as $universe => $firsts) {
            $lasts = $end[$universe];
            sort($firsts);
            sort($lasts);
            $ended = 0;
            foreach ($firsts as $before => $first) {
                while ($lasts[$ended] < $first) {
                    ++$ended;
                }
                $pairs += $before - $ended;
            }
        }

        return $pairs;
    }

    /**
     * Sweeps the universe from its first slot: a unit can share only with those that begin before it ends.
     *
     * @param array<int, Placed> $members by position
     *
     * @return list<array{int, int, Relation}>
     */
    private static function sharing(array $members): array
    {
        $positions = array_keys($members);
        usort($positions, static fn (int $one, int $other): int => $members[$one]->span->first <=> $members[$other]->span->first);
        $pairs = [];
        foreach ($positions as $rank => $position) {
            for ($next = $rank + 1; isset($positions[$next]); ++$next) {
                $shared = $members[$position]->span->shared($members[$positions[$next]]->span);
                if (null === $shared) {
                    break;
                }
                $first = min($position, $positions[$next]);
                $second = max($position, $positions[$next]);
                [$a, $b] = [$members[$first], $members[$second]];
                $pairs[] = [$first, $second, new Relation(RelationKind::between($a, $b), $a, $b, ...$shared)];
            }
        }

        return $pairs;
    }

    /**
     * @param list<Placed> $units
     *
     * @return list<Relation>
     */
    private static function overruns(array $units): array
    {
        $overruns = [];
        foreach ($units as $unit) {
            if (!$unit->span->fits()) {
                $overruns[] = new Relation(RelationKind::Overrun, $unit, null, Span::LAST_SLOT + 1, $unit->span->last());
            }
        }

        return $overruns;
    }
}
