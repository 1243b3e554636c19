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
     * @param list<PlanFixture> $fixtures in the given order
     * @param list<PlanGroup>   $groups   by the position of their heads
     */
    private function __construct(public array $fixtures, public array $groups, public int $universes, public Spacing $spacing)
    {
    }

    /**
     * @param list<PlanFixture> $fixtures with different ids
     *
     * @throws InputError unknown_fixture, twin_circle, twin_mode_differs, out_of_range, locked_clash; fields as in `address.plan`
     */
    public static function of(array $fixtures, int $universes, Spacing $spacing): self
    {
        $index = [];
        foreach ($fixtures as $position => $fixture) {
            $index['#'.$fixture->id] = $position;
        }
        $heads = [];
        foreach (array_keys($fixtures) as $position) {
            $heads[$position] = self::head($fixtures, $index, $position);
        }
        self::requireAlike($fixtures, $index);
        self::requireRoomForLocked($fixtures, $universes);
        $task = new self($fixtures, self::groups($fixtures, $heads), $universes, $spacing);
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
     * @param list<PlanFixture>  $fixtures
     * @param array<string, int> $index
     */
    private static function head(array $fixtures, array $index, int $position): int
    {
        $seen = [];
        $at = $position;
        while (null !== $name = $fixtures[$at]->twinOf) {
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
     * @param list<PlanFixture>  $fixtures
     * @param array<string, int> $index
     */
    private static function requireAlike(array $fixtures, array $index): void
    {
        foreach ($fixtures as $position => $fixture) {
            $other = null === $fixture->twinOf ? null : $fixtures[$index['#'.$fixture->twinOf]];
            if (null !== $other && ($other->mode !== $fixture->mode || $other->footprint !== $fixture->footprint)) {
                throw InputError::because(
                    'twin_mode_differs',
                    'fixtures['.$position.'].twinOf',
                    \sprintf(
                        '%s cannot be a twin of %s: twins are of one type in one mode.',
                        InputError::quote($fixture->id),
                        InputError::quote($other->id),
                    ),
                );
            }
        }
    }

    /** @param list<PlanFixture> $fixtures */
    private static function requireRoomForLocked(array $fixtures, int $universes): void
    {
        foreach ($fixtures as $position => $fixture) {
            if (!$fixture->isLocked || null === $fixture->now) {
                continue;
            }
            $last = $fixture->now->address + $fixture->footprint - 1;
            if ($fixture->now->universe > $universes || $last > Span::LAST_SLOT) {
                throw InputError::outOfRange('fixtures['.$position.'].address', $fixture->now->address, $last > Span::LAST_SLOT
                    ? \sprintf(
                        'at most %d for %d channels, and it is locked',
                        Span::LAST_SLOT - $fixture->footprint + 1,
                        $fixture->footprint,
                    )
                    : \sprintf('in one of %d universes, and it is locked in universe %d', $universes, $fixture->now->universe));
            }
        }
    }

    /**
     * @param list<PlanFixture> $fixtures
     * @param array<int, int>   $heads
     *
     * @return list<PlanGroup>
     */
    private static function groups(array $fixtures, array $heads): array
    {
        $members = [];
        foreach ($fixtures as $position => $fixture) {
            if ($heads[$position] === $position) {
                $members[$position] = [$fixture];
            }
        }
        foreach ($fixtures as $position => $fixture) {
            if ($heads[$position] !== $position) {
                $members[$heads[$position]][] = $fixture;
            }
        }
        $groups = [];
        foreach ($members as $group) {
            $locked = array_values(array_filter($group, static fn (PlanFixture $one): bool => $one->isLocked));
            $groups[] = new PlanGroup($group, $group[0]->footprint, $locked[0]->now ?? null);
        }

        return $groups;
    }

    /** @param array<int, int> $heads */
    private function requireNoLockedClash(array $heads): void
    {
        $before = [];
        foreach ($this->fixtures as $position => $fixture) {
            if (!$fixture->isLocked || null === $fixture->now) {
                continue;
            }
            foreach ($before as [$other, $place, $footprint]) {
                $isTwin = $heads[$other] === $heads[$position];
                $shares = $place->universe === $fixture->now->universe
                    && $place->address < $fixture->now->address + $fixture->footprint
                    && $fixture->now->address < $place->address + $footprint;
                if ($isTwin ? !$place->equals($fixture->now) : $shares) {
                    throw InputError::because('locked_clash', 'fixtures['.$position.'].address', \sprintf(
                        $isTwin ? '%s and its twin %s are locked at different addresses.' : '%s and %s are both locked and share slots.',
                        InputError::quote($fixture->id),
                        InputError::quote($this->fixtures[$other]->id),
                    ));
                }
            }
            $before[] = [$position, $fixture->now, $fixture->footprint];
        }
    }
}
