<?php

declare(strict_types=1);

namespace Rigger\Core\Plan;

use Rigger\Core\Patch\Place;

/** Blocks of one type and mode, each packed, with spare room before the next: a unit more of a kind finds its place beside the others. */
final class TypeBlocks
{
    /**
     * Locked units stay; the others are numbered afresh, the blocks in the order in which their kind first comes.
     *
     * @param int $spare slots left free after each block
     *
     * @return array<int, Place> places by index of the task's groups; a group that finds no room is left out
     */
    public static function places(PlanTask $task, int $spare): array
    {
        $slots = $task->lockedSlots();
        $places = $task->lockedPlaces();
        $blocks = [];
        foreach ($task->groups as $index => $group) {
            if (null === $group->locked) {
                $blocks[$group->members[0]->mode][] = $index;
            }
        }
        $from = new Place(1, 1);
        foreach ($blocks as $members) {
            foreach ($members as $index) {
                $footprint = $task->groups[$index]->footprint;
                $place = $slots->fitFrom($from, $footprint);
                if (null === $place) {
                    continue;
                }
                $slots->take($place, $footprint);
                $places[$index] = $place;
                $from = new Place($place->universe, $place->address + $footprint);
            }
            $from = new Place($from->universe, $from->address + $spare);
        }

        return $places;
    }
}
