<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Plan;

use Rigger\Core\Patch\Place;
use Rigger\Core\Plan\PlanUnit;
use Rigger\Core\Plan\Spacing;

/**
 * Every way there is: each group stays at one of its members' places, is left over, or goes where the first fit in some order
 * puts it. Written apart from the planner, and far slower.
 */
final class BruteForce
{
    /**
     * @param list<PlanUnit> $units twins name a head directly
     *
     * @return array{int, int} fixtures left over, changes
     */
    public static function best(array $units, int $universes, Spacing $spacing): array
    {
        $groups = [];
        foreach ($units as $unit) {
            $groups[$unit->twinOf ?? $unit->id][] = $unit;
        }
        $best = [\PHP_INT_MAX, \PHP_INT_MAX];
        self::decide(array_values($groups), 0, [], [], $universes, $spacing, $best);

        return $best;
    }

    /**
     * @param list<non-empty-list<PlanUnit>> $groups
     * @param list<array{Place, int}>        $taken
     * @param list<int>                      $moving
     * @param array{int, int}                $best
     */
    private static function decide(
        array $groups,
        int $at,
        array $taken,
        array $moving,
        int $universes,
        Spacing $spacing,
        array &$best,
        int $cost = 0,
    ): void {
        if (!isset($groups[$at])) {
            foreach (self::orders($moving) as $order) {
                $now = $taken;
                $left = 0;
                $changes = $cost;
                foreach ($order as $index) {
                    $footprint = $groups[$index][0]->footprint;
                    $place = self::firstFit($now, $footprint, $universes, $spacing);
                    if (null === $place) {
                        $left += \count($groups[$index]);
                        continue;
                    }
                    $now[] = [$place, $footprint];
                    $changes += self::changes($groups[$index], $place);
                }
                $best = min($best, [$left, $changes]);
            }

            return;
        }
        $locked = array_values(array_filter($groups[$at], static fn (PlanUnit $unit): bool => $unit->isLocked));
        $stays = array_filter(
            array_map(static fn (PlanUnit $unit): ?Place => $unit->now, [] !== $locked ? $locked : $groups[$at]),
            static fn (?Place $place): bool => null !== $place,
        );
        foreach ($stays as $place) {
            if ($place->universe <= $universes && self::isFree(
                $taken,
                $place,
                $groups[$at][0]->footprint,
            ) && self::leavesLocked($groups, $at, $place)) {
                self::decide(
                    $groups,
                    $at + 1,
                    [...$taken, [$place, $groups[$at][0]->footprint]],
                    $moving,
                    $universes,
                    $spacing,
                    $best,
                    $cost + self::changes($groups[$at], $place),
                );
            }
        }
        if ([] === $locked) {
            self::decide($groups, $at + 1, $taken, [...$moving, $at], $universes, $spacing, $best, $cost);
        }
    }

    /** @param list<non-empty-list<PlanUnit>> $groups */
    private static function leavesLocked(array $groups, int $at, Place $place): bool
    {
        foreach ($groups as $index => $group) {
            foreach ($group as $unit) {
                if ($index !== $at && $unit->isLocked && null !== $unit->now && !self::isFree(
                    [[$unit->now, $unit->footprint]],
                    $place,
                    $groups[$at][0]->footprint,
                )) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @param list<PlanUnit> $group */
    private static function changes(array $group, Place $place): int
    {
        return \count(array_filter($group, static fn (PlanUnit $unit): bool => !$place->equals($unit->now)));
    }

    /** @param list<array{Place, int}> $taken */
    private static function isFree(array $taken, Place $place, int $footprint): bool
    {
        foreach ($taken as [$other, $length]) {
            $isBefore = $other->address < $place->address + $footprint;
            if ($other->universe === $place->universe && $isBefore && $place->address < $other->address + $length) {
                return false;
            }
        }

        return $place->address + $footprint - 1 <= 512;
    }

    /** @param list<array{Place, int}> $taken */
    private static function firstFit(array $taken, int $footprint, int $universes, Spacing $spacing): ?Place
    {
        for ($universe = 1; $universe <= $universes; ++$universe) {
            for ($address = $spacing->first; $address + $footprint - 1 <= 512; $address += $spacing->step) {
                if (self::isFree($taken, new Place($universe, $address), $footprint)) {
                    return new Place($universe, $address);
                }
            }
        }

        return null;
    }

    /**
     * @param list<int> $items
     *
     * @return iterable<list<int>>
     */
    private static function orders(array $items): iterable
    {
        if ([] === $items) {
            yield [];
        }
        foreach ($items as $place => $item) {
            $rest = $items;
            array_splice($rest, $place, 1);
            foreach (self::orders($rest) as $order) {
                yield [$item, ...$order];
            }
        }
    }
}
