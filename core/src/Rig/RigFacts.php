<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Desk\DeskMap;
use Rigger\Core\Desk\DeskUnit;
use Rigger\Core\Desk\OneByOne;
use Rigger\Core\Patch\AddressCheck;
use Rigger\Core\Patch\Occupancy;
use Rigger\Core\Patch\Relation;
use Rigger\Core\Patch\RelationKind;
use Rigger\Core\Patch\Span;
use Rigger\Core\Patch\UniverseUsage;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Rig\Line\Cabling;
use Rigger\Core\Rig\Power\Distribution;

/**
 * What follows from how a rig stands: worked out once, when somebody asks.
 *
 * @internal part of Rig
 */
trait RigFacts
{
    private ?AddressCheck $addresses = null;
    /** @var array<string, list<Relation>>|null by unit */
    private ?array $relations = null;
    /** @var array<int, Occupancy> by universe */
    private array $occupancies = [];
    private ?DeskMap $map = null;
    /** @var list<DeskUnit>|null */
    private ?array $deskUnits = null;
    /** @var array<string, TwinGroup>|null by twin key */
    private ?array $groups = null;
    /** @var array<string, int>|null by unit */
    private ?array $positions = null;

    /** @var array<string, string>|null by page and number of the fader */
    private ?array $namesOnFaders = null;
    private ?Cabling $cabling = null;
    private ?Distribution $distribution = null;

    public function addresses(): AddressCheck
    {
        return $this->addresses ??= AddressCheck::of(array_map(
            static fn (Unit $unit): \Rigger\Core\Patch\Placed => $unit->placed(),
            array_values($this->units),
        ));
    }

    /** @return list<Relation> whom a unit shares slots with, and whether it runs past 512 */
    public function relationsOf(string $unitId): array
    {
        if (null === $this->relations) {
            $this->relations = [];
            foreach ($this->addresses()->relations as $relation) {
                $this->relations[$relation->a->id][] = $relation;
                if (null !== $relation->b) {
                    $this->relations[$relation->b->id][] = $relation;
                }
            }
        }

        return $this->relations[$unitId] ?? [];
    }

    /** Whether all of it hangs in the first universe, so that nobody needs to say which. */
    public function isInOneUniverse(): bool
    {
        foreach ($this->units as $unit) {
            if (1 !== $unit->place->universe) {
                return false;
            }
        }
        foreach ($this->holds as $hold) {
            if (1 !== $hold->universe) {
                return false;
            }
        }

        return true;
    }

    /** Whether nobody but its twins listens where a unit does, nobody holds any of it, and all of it lies in the universe. */
    public function hasItsSlots(Unit $unit): bool
    {
        foreach ($this->relationsOf($unit->id) as $relation) {
            if (RelationKind::Twins !== $relation->kind) {
                return false;
            }
        }

        return [] === $this->holdsUnder($unit);
    }

    /** @return list<HeldSlots> those that a unit listens in */
    public function holdsUnder(Unit $unit): array
    {
        return array_values(array_filter(
            $this->holds,
            static fn (HeldSlots $hold): bool => null !== $hold->shared($unit->place->universe, $unit->span()),
        ));
    }

    /** @return list<UniverseUsage> how full each universe is, held slots counted as taken; ascending */
    public function usage(): array
    {
        if ([] === $this->holds) {
            return $this->addresses()->usage;
        }
        $spans = [];
        foreach ($this->units as $unit) {
            $spans[$unit->place->universe][] = $unit->span();
        }
        foreach ($this->holds as $hold) {
            $spans[$hold->universe][] = $hold->span;
        }
        ksort($spans);

        return array_map(UniverseUsage::of(...), array_keys($spans), array_values($spans));
    }

    /** What is taken of a universe: by units, those out of action too, and by slots that are held. */
    public function occupancy(int $universe): Occupancy
    {
        return $this->occupancies[$universe] ??= Occupancy::of([...array_map(
            static fn (Unit $unit): Span => $unit->span(),
            array_values(array_filter($this->units, static fn (Unit $unit): bool => $unit->place->universe === $universe)),
        ), ...array_map(
            static fn (HeldSlots $hold): Span => $hold->span,
            array_values(array_filter($this->holds, static fn (HeldSlots $hold): bool => $hold->universe === $universe)),
        )]);
    }

    /** @return list<DeskUnit> units as the desk's map takes them */
    public function deskUnits(): array
    {
        return $this->deskUnits ??= array_map(
            static fn (Unit $unit): DeskUnit => new DeskUnit($unit->placed(), $unit->labels()),
            array_values($this->units),
        );
    }

    public function map(): ?DeskMap
    {
        $desk = $this->desk();

        return null === $desk ? null : $this->map ??= DeskMap::of($desk, $this->deskUnits());
    }

    /** Its units and faders, tried from the desk one by one; null without a desk. Who is out of action tonight is no part of it. */
    public function oneByOne(): ?OneByOne
    {
        $desk = $this->desk();
        if (null === $desk) {
            return null;
        }
        $units = array_values(array_filter(
            $this->deskUnits(),
            fn (DeskUnit $unit): bool => !$this->units[$unit->placed->id]->isOut,
        ));
        $map = \count($units) === \count($this->units) ? $this->map() : null;

        return new OneByOne(
            $map ?? DeskMap::of($desk, $units),
            $units,
            array_map(static fn (Unit $unit): Mode => $unit->mode(), $this->units),
        );
    }

    /** Place in the patch list, counted from 0. */
    public function position(string $unitId): int
    {
        $this->positions ??= array_flip(array_keys($this->units));

        return $this->positions[$unitId] ?? throw NotThere::unit();
    }

    /** The unit and those that move with it: of one chart in one mode at one address. */
    public function together(Unit $unit): TwinGroup
    {
        return $this->groups()[$unit->twinKey()] ?? new TwinGroup([$unit]);
    }

    /** @return array<string, TwinGroup> every unit in its group, by twin key, in the order of their first members */
    public function groups(): array
    {
        if (null === $this->groups) {
            $members = [];
            foreach ($this->units as $unit) {
                $members[$unit->twinKey()][] = $unit;
            }
            $this->groups = array_map(static fn (array $units): TwinGroup => new TwinGroup($units), $members);
        }

        return $this->groups;
    }

    /** @return array<string, true> units of which somebody knows how they stand at the desk: nothing moves them for its sake */
    public function knownAtTheDesk(): array
    {
        $units = [];
        foreach ($this->known as $known) {
            $units += 'desk' === $known->stage ? array_fill_keys($known->units, true) : [];
        }

        return $units;
    }

    /** @return array<string, string> whose each fader of the desk is, twins together; by page and number, "1/3" */
    public function namesOnFaders(): array
    {
        if (null === $this->namesOnFaders) {
            $this->namesOnFaders = [];
            foreach ($this->map()->strips ?? [] as $strip) {
                $group = $this->together($this->unit($strip->units[0]['id']));
                $this->namesOnFaders[$strip->fader->page.'/'.$strip->fader->number] = $group->names();
            }
        }

        return $this->namesOnFaders;
    }

    /** How data reaches units by cable. */
    public function cabling(): Cabling
    {
        return $this->cabling ??= new Cabling(
            $this->runs,
            array_map(static fn (Unit $unit): ?\Rigger\Core\Position\Spot => $unit->spot, $this->units),
            $this->van,
        );
    }

    private function forgetFacts(): void
    {
        $this->namesOnFaders = $this->cabling = $this->distribution = null;
        $this->addresses = $this->map = $this->deskUnits = $this->groups = $this->relations = $this->positions = null;
        $this->occupancies = [];
    }
}
