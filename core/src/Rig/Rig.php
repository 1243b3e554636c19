<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Desk\Desk;
use Rigger\Core\Desk\DeskMap;
use Rigger\Core\Desk\DeskUnit;
use Rigger\Core\Light\Cause;
use Rigger\Core\Line\RadioLink;
use Rigger\Core\Patch\AddressCheck;
use Rigger\Core\Patch\Occupancy;
use Rigger\Core\Patch\Relation;
use Rigger\Core\Patch\RelationKind;
use Rigger\Core\Patch\Span;

/**
 * What hangs in a venue for one show and what is meant by it. All rules of the job are functions of it; each change gives another one.
 */
final class Rig
{
    /** @readonly @phpstan-allow-private-mutation */
    public string $name;
    /** @readonly @phpstan-allow-private-mutation */
    public ?DeskInUse $desk;
    /**
     * @var array<string, Unit> by id, in the order of the patch list
     *
     * @readonly @phpstan-allow-private-mutation
     */
    public array $units = [];
    /**
     * @var array<string, Link> by id, in the order in which they were added
     *
     * @readonly @phpstan-allow-private-mutation
     */
    public array $links = [];
    /**
     * @var array<string, Look> by id, ordered by bank and number
     *
     * @readonly @phpstan-allow-private-mutation
     */
    public array $looks = [];
    /**
     * @var array<string, Support> by id, in the order in which they were added
     *
     * @readonly @phpstan-allow-private-mutation
     */
    public array $supports = [];
    /**
     * @var array<string, TypeCurves> by type and mode, "type/mode"
     *
     * @readonly @phpstan-allow-private-mutation
     */
    public array $typeCurves = [];

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

    /**
     * @param int              $version    counts changes, undoing and redoing included
     * @param list<Unit>       $units      in the order of the patch list
     * @param list<Link>       $links      in the order in which they were added
     * @param list<Look>       $looks
     * @param list<Support>    $supports   in the order in which they were added
     * @param list<TypeCurves> $typeCurves at most one for a type and mode
     */
    public function __construct(
        public readonly string $id,
        string $name,
        public readonly string $venue,
        /** @readonly @phpstan-allow-private-mutation */
        public int $version,
        ?DeskInUse $desk = null,
        array $units = [],
        array $links = [],
        array $looks = [],
        array $supports = [],
        array $typeCurves = [],
    ) {
        $this->name = $name;
        $this->desk = $desk;
        foreach ($units as $unit) {
            $this->units[$unit->id] = $unit;
        }
        foreach ($links as $link) {
            $this->links[$link->id] = $link;
        }
        foreach ($supports as $support) {
            $this->supports[$support->id] = $support;
        }
        foreach ($typeCurves as $curve) {
            $this->typeCurves[$curve->typeId.'/'.$curve->mode] = $curve;
        }
        $this->looks = self::byMemory($looks);
    }

    /** @throws NotThere */
    public function unit(string $id): Unit
    {
        return $this->units[$id] ?? throw NotThere::unit();
    }

    /** @throws NotThere */
    public function link(string $id): Link
    {
        return $this->links[$id] ?? throw NotThere::link();
    }

    /** @throws NotThere */
    public function look(string $id): Look
    {
        return $this->looks[$id] ?? throw NotThere::look();
    }

    /** @throws NotThere */
    public function support(string $id): Support
    {
        return $this->supports[$id] ?? throw NotThere::support();
    }

    public function desk(): ?Desk
    {
        return $this->desk?->desk;
    }

    /** The universe that the desk sends; without a desk the first. */
    public function universe(): int
    {
        return $this->desk?->desk->universe ?? 1;
    }

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

        return true;
    }

    /** Whether nobody but its twins listens where a unit does, and all of it lies in the universe. */
    public function hasItsSlots(Unit $unit): bool
    {
        foreach ($this->relationsOf($unit->id) as $relation) {
            if (RelationKind::Twins !== $relation->kind) {
                return false;
            }
        }

        return true;
    }

    public function occupancy(int $universe): Occupancy
    {
        return $this->occupancies[$universe] ??= Occupancy::of(array_map(
            static fn (Unit $unit): Span => $unit->span(),
            array_filter($this->units, static fn (Unit $unit): bool => $unit->place->universe === $universe),
        ));
    }

    /** @return list<DeskUnit> units as the desk's map takes them */
    public function deskUnits(): array
    {
        return $this->deskUnits ??= array_map(
            static fn (Unit $unit): DeskUnit => new DeskUnit($unit->placed(), $unit->mode()->labels()),
            array_values($this->units),
        );
    }

    public function map(): ?DeskMap
    {
        $desk = $this->desk();

        return null === $desk ? null : $this->map ??= DeskMap::of($desk, $this->deskUnits());
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

    /** Why a unit behind radio hears nothing; null when it does, or hangs on a cable. */
    public function silence(Unit $unit): ?Cause
    {
        $link = null === $unit->linkId ? null : $this->links[$unit->linkId] ?? null;

        return null === $link ? null : (new RadioLink($link->label, $link->name, $unit->receiver))->silence();
    }

    public function curvesOfType(Unit $unit): ?TypeCurves
    {
        return $this->typeCurves[$unit->revision()->typeId.'/'.$unit->mode()->key] ?? null;
    }

    /** What stands between the faders and a unit: its own curves, and those of its type for the other channels. */
    public function trim(Unit $unit): Trim
    {
        $curves = [];
        foreach ([...$this->curvesOfType($unit)->curves ?? [], ...$unit->curves] as $one) {
            $curves[$one->channel] = $one;
        }
        ksort($curves);

        return new Trim(array_values($curves), $unit->pan, $unit->tilt);
    }

    /** The same rig, made of another's objects wherever it has equal ones: then what differs between the two is what is not identical. */
    public function sharing(self $other): self
    {
        $rig = clone $this;
        $same = static fn (?object $mine, ?object $theirs): bool => serialize($mine) === serialize($theirs);
        foreach ($rig->units as $id => $unit) {
            $there = $other->units[$id] ?? null;
            $rig->units[$id] = null !== $there && $unit->equals($there) ? $there : $unit;
        }
        foreach ($rig->links as $id => $link) {
            $rig->links[$id] = $same($link, $other->links[$id] ?? null) ? $other->links[$id] : $link;
        }
        foreach ($rig->looks as $id => $look) {
            $rig->looks[$id] = $same($look, $other->looks[$id] ?? null) ? $other->looks[$id] : $look;
        }
        foreach ($rig->supports as $id => $support) {
            $rig->supports[$id] = $same($support, $other->supports[$id] ?? null) ? $other->supports[$id] : $support;
        }
        foreach ($rig->typeCurves as $key => $curve) {
            $rig->typeCurves[$key] = $same($curve, $other->typeCurves[$key] ?? null) ? $other->typeCurves[$key] : $curve;
        }
        $rig->desk = $same($rig->desk, $other->desk) ? $other->desk : $rig->desk;

        return $rig;
    }

    /** The same at another version. */
    public function at(int $version): self
    {
        $rig = clone $this;
        $rig->version = $version;

        return $rig;
    }

    public function renamed(string $name): self
    {
        $rig = $this->another();
        $rig->name = $name;

        return $rig;
    }

    public function playedOn(?DeskInUse $desk): self
    {
        $rig = $this->another();
        $rig->desk = $desk;

        return $rig;
    }

    /** With these units in the places of those of their ids; new ones come last. */
    public function withUnits(Unit ...$units): self
    {
        $rig = $this->another();
        foreach ($units as $unit) {
            $rig->units[$unit->id] = $unit;
        }

        return $rig;
    }

    /** It comes down, and every look leaves it alone. */
    public function withoutUnit(string $id): self
    {
        $rig = $this->another();
        unset($rig->units[$id]);
        $rig->looks = array_map(static fn (Look $look): Look => isset($look->values[$id]) ? $look->without($id) : $look, $rig->looks);

        return $rig;
    }

    public function withLink(Link $link): self
    {
        $rig = $this->another();
        $rig->links[$link->id] = $link;

        return $rig;
    }

    /** The units behind it hang on a cable then. */
    public function withoutLink(string $id): self
    {
        $rig = $this->another();
        unset($rig->links[$id]);
        $rig->units = array_map(
            static fn (Unit $unit): Unit => $unit->linkId === $id ? $unit->listeningTo(null, null) : $unit,
            $rig->units,
        );

        return $rig;
    }

    public function withLooks(Look ...$looks): self
    {
        $rig = $this->another();
        $all = $rig->looks;
        foreach ($looks as $look) {
            $all[$look->id] = $look;
        }
        $rig->looks = self::byMemory(array_values($all));

        return $rig;
    }

    public function withoutLook(string $id): self
    {
        $rig = $this->another();
        unset($rig->looks[$id]);

        return $rig;
    }

    public function withSupport(Support $support): self
    {
        $rig = $this->another();
        $rig->supports[$support->id] = $support;

        return $rig;
    }

    public function withoutSupport(string $id): self
    {
        $rig = $this->another();
        unset($rig->supports[$id]);

        return $rig;
    }

    /** @param list<\Rigger\Core\Curve\ChannelCurve> $curves none takes them away */
    public function withTypeCurves(string $typeId, string $mode, array $curves): self
    {
        usort($curves, static fn ($one, $other): int => $one->channel <=> $other->channel);
        $rig = $this->another();
        unset($rig->typeCurves[$typeId.'/'.$mode]);
        if ([] !== $curves) {
            $rig->typeCurves[$typeId.'/'.$mode] = new TypeCurves($typeId, $mode, $curves);
        }

        return $rig;
    }

    /** A copy to be changed: what was made of the rig before is forgotten. */
    private function another(): self
    {
        $rig = clone $this;
        $rig->addresses = $rig->map = $rig->deskUnits = $rig->groups = $rig->relations = $rig->positions = null;
        $rig->occupancies = [];

        return $rig;
    }

    /**
     * @param list<Look> $looks
     *
     * @return array<string, Look>
     */
    private static function byMemory(array $looks): array
    {
        usort($looks, static fn (Look $one, Look $other): int => [$one->bank, $one->number] <=> [$other->bank, $other->number]);
        $byId = [];
        foreach ($looks as $look) {
            $byId[$look->id] = $look;
        }

        return $byId;
    }
}
