<?php

declare(strict_types=1);

namespace Rigger\Core\Judge;

use Rigger\Core\Desk\Desk;
use Rigger\Core\Patch\Occupancy;
use Rigger\Core\Patch\Place;
use Rigger\Core\Patch\RelationKind;
use Rigger\Core\Patch\Span;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\TwinGroup;
use Rigger\Core\Rig\Unit;

/**
 * Where each of those goes that should stand elsewhere: decided once for the whole rig, so that no two are offered the same place. Twins
 * go together; what is locked stays.
 */
final class NewPlaces
{
    private const AT_THE_DESK = ['not_aligned', 'hidden', 'out_of_reach', 'other_universe'];

    private bool $isDecided = false;
    /** @var array<string, Place> on the desk's faders, by twin key */
    private array $onFaders = [];
    /** @var array<string, Place> elsewhere, by twin key */
    private array $elsewhere = [];
    /** @var array<string, true> twin keys of those that stood on faders, and find room elsewhere alone */
    private array $isOffTheDesk = [];
    /** @var array<int, Occupancy> by universe, with what is offered already */
    private array $taken = [];
    /** @var array<int, true> footprints for which the desk has no room left, for those that come from other universes */
    private array $full = [];

    public function __construct(private readonly Rig $rig)
    {
    }

    /** @return Place|null where nobody else listens; null for one that need not go, is locked, or finds no room */
    public function of(TwinGroup $group): ?Place
    {
        $this->decide();

        return $this->elsewhere[$group->key()] ?? $this->onFaders[$group->key()] ?? null;
    }

    /** @return Place|null with every channel on a fader of the desk, and a button to itself where there are buttons */
    public function onFaders(TwinGroup $group): ?Place
    {
        $this->decide();

        return $this->onFaders[$group->key()] ?? null;
    }

    /** Whether the new place has no button, or no fader, where the one before had. */
    public function isOffTheDesk(TwinGroup $group): bool
    {
        $this->decide();

        return isset($this->isOffTheDesk[$group->key()]);
    }

    /** @return TwinGroup|null of several in one another's way, the one that goes */
    public function mover(TwinGroup ...$groups): ?TwinGroup
    {
        foreach (Mover::order($this->rig, array_values($groups)) as $group) {
            if (null !== $this->of($group)) {
                return $group;
            }
        }

        return null;
    }

    /**
     * @param list<TwinGroup> $groups at one button
     *
     * @return list<TwinGroup> those that go to other buttons: all but one, as far as they find room
     */
    public function movers(array $groups): array
    {
        $going = array_filter(Mover::order($this->rig, $groups), fn (TwinGroup $group): bool => null !== $this->onFaders($group));

        return \array_slice(array_values($going), 0, max(1, \count($groups) - 1));
    }

    private function decide(): void
    {
        if ($this->isDecided) {
            return;
        }
        $this->isDecided = true;
        foreach ($this->rig->addresses()->relations as $relation) {
            if (RelationKind::Twins === $relation->kind) {
                continue;
            }
            $ids = [$relation->a->id, ...(null === $relation->b ? [] : [$relation->b->id])];
            $this->oneOf($this->groups($ids), 1);
        }
        foreach ($this->rig->holds as $hold) {
            foreach ($this->rig->groups() as $group) {
                if (null !== $hold->shared($group->units[0]->place->universe, $group->units[0]->span())) {
                    $this->oneOf([$group], 1);
                }
            }
        }
        $known = $this->rig->knownAtTheDesk();
        foreach ($this->rig->map()->findings ?? [] as $finding) {
            // Of hundreds that hang in other universes only the first few find room: the rest need not be looked at one by one.
            $isInVain = 'other_universe' === $finding->code && isset($this->full[$this->rig->unit($finding->unit)->footprint()]);
            if (!$isInVain && !isset($known[$finding->unit]) && \in_array($finding->code, self::AT_THE_DESK, true)) {
                $this->oneOf($this->groups([$finding->unit]), 1, true);
            }
        }
        foreach ($this->rig->map()->findings ?? [] as $finding) {
            if ('shared_button' === $finding->code && !isset($known[$finding->unit])) {
                $with = (array) ($finding->figures['with'] ?? []);
                $this->oneOf($this->groups([...array_filter($with, is_string(...)), $finding->unit]), \count($with), true);
            }
        }
    }

    /**
     * @param list<TwinGroup> $groups
     * @param int             $count  so many of them have to go, those that go anyway included
     */
    private function oneOf(array $groups, int $count, bool $isForDesk = false): void
    {
        $count = max(1, min($count, \count($groups) - 1));
        $isGoing = fn (TwinGroup $group): bool => isset($this->onFaders[$group->key()])
            || (!$isForDesk && isset($this->elsewhere[$group->key()]));
        $going = \count(array_filter($groups, $isGoing));
        foreach (Mover::order($this->rig, $groups) as $group) {
            if ($going >= $count) {
                return;
            }
            if (!$isGoing($group) && $this->offer($group, $isForDesk)) {
                ++$going;
            }
        }
    }

    private function offer(TwinGroup $group, bool $isForDesk): bool
    {
        $unit = $group->units[0];
        $desk = $this->rig->desk();
        $isHere = null !== $desk && $desk->universe === $unit->place->universe;
        $isOnAFader = $isHere && $this->isOnAFader($desk, $unit);
        // Plain faders are no reason to carry somebody back who stands past the last of them.
        $isAtDesk = $isForDesk || ($isHere && ($isOnAFader || $desk->layout->hasButtons()));
        $place = null !== $desk && $isAtDesk ? $this->atTheDesk($desk, $group) : null;
        if (null !== $place) {
            $this->onFaders[$group->key()] = $place;
        } elseif (!$isForDesk) {
            $place = $isHere ? $this->beyond($desk, $group) : $this->anywhere($group, 1);
            if (null !== $place) {
                $this->elsewhere[$group->key()] = $place;
                if ($isOnAFader) {
                    $this->isOffTheDesk[$group->key()] = true;
                }
            }
        }
        if (null !== $place) {
            $this->taken[$place->universe] = $this->taken($place->universe)->with(Span::at($place->address, $unit->footprint()));
        }

        return null !== $place;
    }

    /** With every channel on a fader, and a button to itself where there are buttons: its own, the next, or the lowest. */
    private function atTheDesk(Desk $desk, TwinGroup $group): ?Place
    {
        $unit = $group->units[0];
        $isHere = $desk->universe === $unit->place->universe;
        if (!$isHere && isset($this->full[$unit->footprint()])) {
            return null;
        }
        $taken = $this->without($desk->universe, $group);
        $last = $desk->first + $desk->rowLength() - 1;
        $address = $desk->layout->hasButtons()
            ? $this->button($desk, $taken, $unit)
            : $taken->nextFrom($isHere ? $unit->place->address : 1, $unit->footprint(), $desk->first, $last);
        if (null === $address && !$isHere) {
            $this->full[$unit->footprint()] = true;
        }

        return null === $address ? null : new Place($desk->universe, $address);
    }

    private function button(Desk $desk, Occupancy $taken, Unit $unit): ?int
    {
        $reach = $desk->reach();
        if ($unit->footprint() > $reach) {
            return null;
        }
        $own = $desk->universe === $unit->place->universe ? $desk->buttonAt($unit->place->address) : null;
        $from = null === $own ? 1 : $desk->buttonStart($own);
        $starts = $desk->starts();
        usort($starts, static fn (int $one, int $other): int => [$one < $from, $one] <=> [$other < $from, $other]);
        foreach ($starts as $start) {
            if ($taken->isFree($start, min($reach, Span::LAST_SLOT - $start + 1))) {
                return $start;
            }
        }

        return null;
    }

    /** Past all that the desk drives, so that no part of it lies on a fader; on plain faders whole where that is full. */
    private function beyond(Desk $desk, TwinGroup $group): ?Place
    {
        $length = $desk->layout->hasButtons() ? ($desk->buttons ?? 0) * ($desk->stride ?? 0) : $desk->rowLength();

        return $this->anywhere($group, $desk->first + $length)
            ?? ($desk->layout->hasButtons() ? null : $this->atTheDesk($desk, $group));
    }

    /** The next place in its universe that is free. */
    private function anywhere(TwinGroup $group, int $first): ?Place
    {
        $unit = $group->units[0];
        $address = $this->without($unit->place->universe, $group)->nextFrom(
            $unit->place->address,
            $unit->footprint(),
            $first,
            Span::LAST_SLOT,
        );

        return null === $address ? null : new Place($unit->place->universe, $address);
    }

    private function without(int $universe, TwinGroup $group): Occupancy
    {
        return $universe !== $group->units[0]->place->universe
            ? $this->taken($universe)
            : $this->taken($universe)->without(...array_map(static fn (Unit $unit): Span => $unit->span(), $group->units));
    }

    private function taken(int $universe): Occupancy
    {
        return $this->taken[$universe] ??= $this->rig->occupancy($universe);
    }

    private function isOnAFader(Desk $desk, Unit $unit): bool
    {
        foreach ($desk->faders() as $fader) {
            if ($fader->address >= $unit->place->address && $fader->address <= $unit->span()->lastInUniverse()) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<string> $ids
     *
     * @return list<TwinGroup> each once
     */
    private function groups(array $ids): array
    {
        $groups = [];
        foreach ($ids as $id) {
            $group = $this->rig->together($this->rig->unit($id));
            $groups[$group->key()] = $group;
        }

        return array_values($groups);
    }
}
