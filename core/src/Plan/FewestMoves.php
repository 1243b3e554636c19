<?php

declare(strict_types=1);

namespace Rigger\Core\Plan;

use Rigger\Core\Patch\Place;

/**
 * Chooses who stays, so that as few as possible are left over and then as few as possible are moved.
 *
 * Who may stay together is a choice of intervals that do not overlap; a bound from interval scheduling prunes the search, so that
 * it goes straight to the least number of moves. Only when those that move find no room is a further choice tried, and then
 * one with a move more. For what moves, first fit in the given order is tried first, then other orders: for every way of
 * packing there is an order in which first fit finds it.
 *
 * @internal
 */
final class FewestMoves
{
    /** Choices of who stays that are looked at when room is short. */
    private const MOST_CHOICES = 1500;
    /** Places looked for, over all choices and orders: more for a rig so small that every way can be tried. */
    private const MOST_FITS = 12_000;
    private const MOST_FITS_OF_FEW = 120_000;
    private const FEW = 10;
    /** Orders tried for one choice where there are too many to try them all. */
    private const MOST_ORDERS = 40;
    /** Steps of the search in all: beyond it the best that was found stands. */
    private const MOST_STEPS = 400_000;

    private readonly SlotMap $locked;
    /** @var list<int> indices of groups that may stay, by their first place */
    private array $stayers = [];
    /** @var array<int, list<array{Place, int}>> places where a group may stay, with the changes there, fewest first */
    private array $stays = [];
    /** @var list<int> least cost of the stayers from this one on */
    private array $bounds = [];
    private int $choices = 0;
    private int $steps = 0;
    private int $fits = 0;
    private readonly int $mostFits;
    private readonly int $mostOrders;
    private int $hopeless = 0;
    /** @var array{int, int, array<int, Place>}|null fixtures left over, changes, places */
    private ?array $best = null;

    public function __construct(private readonly PlanTask $task)
    {
        $this->locked = $task->lockedSlots();
        $isFew = \count($task->groups) <= self::FEW;
        $this->mostFits = $isFew ? self::MOST_FITS_OF_FEW : self::MOST_FITS;
        $this->mostOrders = $isFew ? self::MOST_FITS_OF_FEW : self::MOST_ORDERS;
        foreach ($task->groups as $index => $group) {
            if (null !== $group->locked) {
                continue;
            }
            $stays = [];
            foreach ($group->places() as $place) {
                if ($this->locked->isFree($place, $group->footprint)) {
                    $stays[] = [$place, $group->changesAt($place)];
                }
            }
            usort($stays, static fn (array $one, array $other): int => $one[1] <=> $other[1]);
            if ([] !== $stays) {
                $this->stays[$index] = $stays;
                $this->stayers[] = $index;
            } elseif (null === $this->locked->firstFit($group->footprint, $task->spacing)) {
                $this->hopeless += \count($group->members);
            }
        }
        usort(
            $this->stayers,
            fn (int $one, int $other): int => [$this->stays[$one][0][0]->universe, $this->stays[$one][0][0]->address, $one] <=> [
                $this->stays[$other][0][0]->universe,
                $this->stays[$other][0][0]->address,
                $other,
            ],
        );
        $this->bounds = $this->leastCosts();
    }

    /** @return array<int, Place> by index of the group */
    public function places(): array
    {
        $most = array_sum(array_map(fn (int $index): int => \count($this->task->groups[$index]->members), $this->stayers));
        for ($budget = $this->bounds[0]; $budget <= $most; ++$budget) {
            $this->choose(0, 0, $budget, clone $this->locked, []);
            if ($this->isPerfect() || $this->isSpent()) {
                break;
            }
        }

        return $this->best[2] ?? $this->task->lockedPlaces();
    }

    /**
     * Decides for one group after the other whether it stays.
     *
     * @param int               $cost   changes decided so far
     * @param int               $budget changes that this round allows, neither more nor fewer
     * @param array<int, Place> $kept
     */
    private function choose(int $at, int $cost, int $budget, SlotMap $slots, array $kept): void
    {
        if ($this->isPerfect() || $this->isSpent() && null !== $this->best || $cost + $this->bounds[$at] > $budget) {
            return;
        }
        ++$this->steps;
        if (!isset($this->stayers[$at])) {
            if ($cost === $budget) {
                ++$this->choices;
                $this->settle($slots, $kept);
            }

            return;
        }
        $index = $this->stayers[$at];
        $group = $this->task->groups[$index];
        foreach ($this->stays[$index] as [$place, $changes]) {
            if ($slots->isFree($place, $group->footprint)) {
                $slots->take($place, $group->footprint);
                $this->choose($at + 1, $cost + $changes, $budget, $slots, $kept + [$index => $place]);
                $slots->release($place, $group->footprint);
            }
        }
        $this->choose($at + 1, $cost + \count($group->members), $budget, $slots, $kept);
    }

    /**
     * Finds room for all that do not stay.
     *
     * @param array<int, Place> $kept
     */
    private function settle(SlotMap $slots, array $kept): void
    {
        $moving = [];
        foreach ($this->task->groups as $index => $group) {
            if (null === $group->locked && !isset($kept[$index])) {
                $moving[] = $index;
            }
        }
        $this->keepIfBetter($kept, $this->fit($moving, $slots));
        foreach (\count($moving) > 1 ? $this->orders($moving) : [] as $order) {
            if ($this->isPerfect()) {
                return;
            }
            $this->keepIfBetter($kept, $this->fit($order, $slots));
        }
    }

    /**
     * @param list<int> $order
     *
     * @return array<int, Place>
     */
    private function fit(array $order, SlotMap $slots): array
    {
        $slots = clone $slots;
        $places = [];
        foreach ($order as $index) {
            ++$this->fits;
            $footprint = $this->task->groups[$index]->footprint;
            $place = $slots->firstFit($footprint, $this->task->spacing);
            if (null !== $place) {
                $slots->take($place, $footprint);
                $places[$index] = $place;
            }
        }

        return $places;
    }

    /**
     * @param array<int, Place> $kept
     * @param array<int, Place> $moved
     */
    private function keepIfBetter(array $kept, array $moved): void
    {
        $places = $kept + $moved + $this->task->lockedPlaces();
        $left = $changes = 0;
        foreach ($this->task->groups as $index => $group) {
            if (!isset($places[$index])) {
                $left += \count($group->members);
            } else {
                $changes += $group->changesAt($places[$index]);
            }
        }
        if (null === $this->best || [$left, $changes] < [$this->best[0], $this->best[1]]) {
            $this->best = [$left, $changes, $places];
        }
    }

    /**
     * Orders that differ in the footprints: the longest first, then all there are up to a limit.
     *
     * @param list<int> $moving
     *
     * @return iterable<list<int>>
     */
    private function orders(array $moving): iterable
    {
        usort($moving, fn (int $one, int $other): int => $this->task->groups[$other]->footprint <=> $this->task->groups[$one]->footprint);
        yield $moving;
        // Where not all fit, the short ones first leave the fewest over.
        yield array_reverse($moving);
        $given = 0;
        foreach ($this->permutations($moving) as $order) {
            if ($this->fits > $this->mostFits || ++$given > $this->mostOrders) {
                return;
            }
            yield $order;
        }
    }

    /**
     * @param list<int> $items
     *
     * @return iterable<list<int>>
     */
    private function permutations(array $items): iterable
    {
        if (\count($items) < 2) {
            yield $items;

            return;
        }
        $tried = [];
        foreach ($items as $place => $item) {
            $alike = $this->task->groups[$item]->footprint.'/'.\count($this->task->groups[$item]->members);
            if (isset($tried[$alike])) {
                continue;
            }
            $tried[$alike] = true;
            $rest = $items;
            array_splice($rest, $place, 1);
            foreach ($this->permutations($rest) as $order) {
                yield [$item, ...$order];
            }
        }
    }

    /** Nothing is left over but what could never fit: and rounds come by rising cost. */
    private function isPerfect(): bool
    {
        return null !== $this->best && $this->best[0] <= $this->hopeless;
    }

    private function isSpent(): bool
    {
        return $this->choices >= self::MOST_CHOICES || $this->fits > $this->mostFits || $this->steps >= self::MOST_STEPS;
    }

    /**
     * For every position the least cost of all stayers from it on, as if those before it were not there: weighted interval
     * scheduling for those with one place; those with several are taken to stay where it costs least.
     *
     * @return non-empty-list<int>
     */
    private function leastCosts(): array
    {
        $count = \count($this->stayers);
        $saved = array_fill(0, $count + 1, 0);
        $cost = 0;
        $bounds = array_fill(0, $count + 1, 0);
        for ($at = $count - 1; $at >= 0; --$at) {
            $index = $this->stayers[$at];
            $group = $this->task->groups[$index];
            [$place, $changes] = $this->stays[$index][0];
            $worth = \count($group->members) - $changes;
            $cost += \count($group->members);
            if (\count($this->stays[$index]) > 1) {
                // Optimistic: it stays and is in nobody's way.
                $saved[$at] = $saved[$at + 1] + $worth;
            } else {
                $next = $at + 1;
                while ($next < $count && $this->overlaps($place, $group->footprint, $this->stayers[$next])) {
                    ++$next;
                }
                $free = 0;
                for ($between = $at + 1; $between < $next; ++$between) {
                    $free += \count($this->stays[$this->stayers[$between]]) > 1 ? $this->worthOf($this->stayers[$between]) : 0;
                }
                $saved[$at] = max($saved[$at + 1], $worth + $free + $saved[$next]);
            }
            $bounds[$at] = $cost - $saved[$at];
        }

        return array_values($bounds);
    }

    private function worthOf(int $index): int
    {
        return \count($this->task->groups[$index]->members) - $this->stays[$index][0][1];
    }

    private function overlaps(Place $place, int $footprint, int $other): bool
    {
        if (\count($this->stays[$other]) > 1) {
            return true;
        }
        $there = $this->stays[$other][0][0];

        return $there->universe === $place->universe && $there->address < $place->address + $footprint;
    }
}
