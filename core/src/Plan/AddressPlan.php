<?php

declare(strict_types=1);

namespace Rigger\Core\Plan;

use Rigger\Core\Patch\Place;

/** Where every unit goes, and which of them somebody has to set anew: each is a climb up a ladder. */
final readonly class AddressPlan
{
    /**
     * @param list<PlannedUnit> $placed   in the given order
     * @param list<string>      $unplaced ids, in the given order
     */
    private function __construct(public array $placed, public array $unplaced)
    {
    }

    /** Current addresses of unlocked units are ignored: each takes the first fit, in the given order. */
    public static function fresh(PlanTask $task): self
    {
        $slots = $task->lockedSlots();
        $places = $task->lockedPlaces();
        foreach ($task->groups as $index => $group) {
            if (null === $group->locked) {
                $place = $slots->firstFit($group->footprint, $task->spacing);
                if (null !== $place) {
                    $slots->take($place, $group->footprint);
                    $places[$index] = $place;
                }
            }
        }

        return self::of($task, $places);
    }

    /** In blocks of a type, with so many slots to spare after each. */
    public static function blocks(PlanTask $task, int $spare): self
    {
        return self::of($task, TypeBlocks::places($task, $spare));
    }

    /** Every unit stays where it is unless it must move; as few are left over, and then as few are moved, as can be. */
    public static function fewest(PlanTask $task): self
    {
        return self::of($task, (new FewestMoves($task))->places());
    }

    public function changes(): int
    {
        return \count(array_filter($this->placed, static fn (PlannedUnit $unit): bool => $unit->isChanged));
    }

    /** The slots that the plan takes. */
    public function slots(PlanTask $task): SlotMap
    {
        $slots = new SlotMap($task->universes);
        $places = array_combine(
            array_map(static fn (PlannedUnit $unit): string => '#'.$unit->id, $this->placed),
            array_map(static fn (PlannedUnit $unit): Place => $unit->place, $this->placed),
        );
        foreach ($task->groups as $group) {
            $place = $places['#'.$group->members[0]->id] ?? null;
            if (null !== $place) {
                $slots->take($place, $group->footprint);
            }
        }

        return $slots;
    }

    /** @param array<int, Place> $places by index of the group */
    private static function of(PlanTask $task, array $places): self
    {
        $byId = [];
        foreach ($task->groups as $index => $group) {
            foreach ($group->members as $member) {
                $byId['#'.$member->id] = $places[$index] ?? null;
            }
        }
        $placed = $unplaced = [];
        foreach ($task->units as $unit) {
            $place = $byId['#'.$unit->id] ?? null;
            if (null === $place) {
                $unplaced[] = $unit->id;
            } else {
                $placed[] = new PlannedUnit($unit->id, $place, !$place->equals($unit->now));
            }
        }

        return new self($placed, $unplaced);
    }
}
