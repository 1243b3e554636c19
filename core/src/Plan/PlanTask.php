<?php

declare(strict_types=1);

namespace Rigger\Core\Plan;

use Rigger\Core\Input\InputError;
use Rigger\Core\Patch\Place;
use Rigger\Core\Patch\Span;

/** What is to be planned, checked: twins in groups, locked ones that fit where they are and clash with none. */
final readonly class PlanTask
{
    /**
     * @param list<PlanUnit>  $units  in the given order
     * @param list<PlanGroup> $groups by the position of their heads
     */
    private function __construct(public array $units, public array $groups, public int $universes, public Spacing $spacing)
    {
    }

    /**
     * @param list<PlanUnit> $units with different ids
     *
     * @throws InputError unknown_fixture, twin_circle, twin_mode_differs, out_of_range, locked_clash; fields as in `address.plan`
     */
    public static function of(array $units, int $universes, Spacing $spacing): self
    {
        $index = [];
        foreach ($units as $position => $unit) {
            $index['#'.$unit->id] = $position;
        }
        $heads = [];
        foreach (array_keys($units) as $position) {
            $heads[$position] = self::head($units, $index, $position);
        }
        self::requireAlike($units, $index);
        self::requireRoomForLocked($units, $universes);
        $task = new self($units, self::groups($units, $heads), $universes, $spacing);
        $task->requireNoLockedClash($heads);

        return $task;
    }

    /** @return array<int, Place> places of the locked groups by their index */
    public function lockedPlaces(): array
    {
        $places = [];
        foreach ($this->groups as $index => $group) {
            if (null !== $group->locked) {
                $places[$index] = $group->locked;
            }
        }

        return $places;
    }

    public function lockedSlots(): SlotMap
    {
        $slots = new SlotMap($this->universes);
        foreach ($this->groups as $group) {
            if (null !== $group->locked) {
                $slots->take($group->locked, $group->footprint);
            }
        }

        return $slots;
    }

    /**
     * @param list<PlanUnit>     $units
     * @param array<string, int> $index
     */
    private static function head(array $units, array $index, int $position): int
    {
        $seen = [];
        $at = $position;
        while (null !== $name = $units[$at]->twinOf) {
            if (isset($seen[$at])) {
                throw InputError::because(
                    'twin_circle',
                    'fixtures['.$position.'].twinOf',
                    'The twins name each other in a circle: one of them must stand for itself.',
                );
            }
            $seen[$at] = true;
            $at = $index['#'.$name] ?? throw InputError::unknownFixture('fixtures['.$at.'].twinOf', $name);
        }

        return $at;
    }

    /**
     * @param list<PlanUnit>     $units
     * @param array<string, int> $index
     */
    private static function requireAlike(array $units, array $index): void
    {
        foreach ($units as $position => $unit) {
            $other = null === $unit->twinOf ? null : $units[$index['#'.$unit->twinOf]];
            if (null !== $other && ($other->mode !== $unit->mode || $other->footprint !== $unit->footprint)) {
                throw InputError::because(
                    'twin_mode_differs',
                    'fixtures['.$position.'].twinOf',
                    \sprintf(
                        '%s cannot be a twin of %s: twins are of one type in one mode.',
                        InputError::quote($unit->id),
                        InputError::quote($other->id),
                    ),
                );
            }
        }
    }

    /** @param list<PlanUnit> $units */
    private static function requireRoomForLocked(array $units, int $universes): void
    {
        foreach ($units as $position => $unit) {
            if (!$unit->isLocked || null === $unit->now) {
                continue;
            }
            $last = $unit->now->address + $unit->footprint - 1;
            if ($unit->now->universe > $universes || $last > Span::LAST_SLOT) {
                throw InputError::outOfRange('fixtures['.$position.'].address', $unit->now->address, $last > Span::LAST_SLOT
                    ? \sprintf(
                        'at most %d for %d channels, and it is locked',
                        Span::LAST_SLOT - $unit->footprint + 1,
                        $unit->footprint,
                    )
                    : \sprintf('in one of %d universes, and it is locked in universe %d', $universes, $unit->now->universe));
            }
        }
    }

    /**
     * @param list<PlanUnit>  $units
     * @param array<int, int> $heads
     *
     * @return list<PlanGroup>
     */
    private static function groups(array $units, array $heads): array
    {
        $members = [];
        foreach ($units as $position => $unit) {
            if ($heads[$position] === $position) {
                $members[$position] = [$unit];
            }
        }
        foreach ($units as $position => $unit) {
            if ($heads[$position] !== $position) {
                $members[$heads[$position]][] = $unit;
            }
        }
        $groups = [];
        foreach ($members as $group) {
            $locked = array_values(array_filter($group, static fn (PlanUnit $unit): bool => $unit->isLocked));
            $groups[] = new PlanGroup($group, $group[0]->footprint, $locked[0]->now ?? null);
        }

        return $groups;
    }

    /** @param array<int, int> $heads */
    private function requireNoLockedClash(array $heads): void
    {
        $before = [];
        foreach ($this->units as $position => $unit) {
            if (!$unit->isLocked || null === $unit->now) {
                continue;
            }
            foreach ($before as [$other, $place, $footprint]) {
                $isTwin = $heads[$other] === $heads[$position];
                $shares = $place->universe === $unit->now->universe
                    && $place->address < $unit->now->address + $unit->footprint
                    && $unit->now->address < $place->address + $footprint;
                if ($isTwin ? !$place->equals($unit->now) : $shares) {
                    throw InputError::because('locked_clash', 'fixtures['.$position.'].address', \sprintf(
                        $isTwin ? '%s and its twin %s are locked at different addresses.' : '%s and %s are both locked and share slots.',
                        InputError::quote($unit->id),
                        InputError::quote($this->units[$other]->id),
                    ));
                }
            }
            $before[] = [$position, $unit->now, $unit->footprint];
        }
    }
}
