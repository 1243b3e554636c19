<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Desk\Desk;
use Rigger\Core\Rig\Line\Run;
use Rigger\Core\Rig\Line\RunItem;
use Rigger\Core\Rig\Line\Van;
use Rigger\Core\Rig\Power\Circuit;
use Rigger\Core\Rig\Power\PowerTerms;

/**
 * What hangs in a venue for one show and what is meant by it. All rules of the job are functions of it; each change gives another one.
 */
final class Rig
{
    use RigFacts;
    use RigLines;
    use RigPower;

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
     * @var array<string, Receiver> that several units share, by id, in the order in which they were added
     *
     * @readonly @phpstan-allow-private-mutation
     */
    public array $receivers = [];
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
    /**
     * @var array<string, HeldSlots> by id, in the order in which they were held
     *
     * @readonly @phpstan-allow-private-mutation
     */
    public array $holds = [];
    /**
     * @var array<string, KnownFinding> by id
     *
     * @readonly @phpstan-allow-private-mutation
     */
    public array $known = [];
    /**
     * @var array<string, Run> by id, in the order in which they were added
     *
     * @readonly @phpstan-allow-private-mutation
     */
    public array $runs = [];
    /** @readonly @phpstan-allow-private-mutation */
    public Van $van;
    /**
     * @var array<string, Circuit> by id, in the order in which they were added
     *
     * @readonly @phpstan-allow-private-mutation
     */
    public array $circuits = [];
    /** @readonly @phpstan-allow-private-mutation */
    public PowerTerms $power;
    /**
     * @var list<int> channels of the house's own network, ascending
     *
     * @readonly @phpstan-allow-private-mutation
     */
    public array $houseChannels = [];

    /**
     * @param int                $version    counts changes, undoing and redoing included
     * @param list<Unit>         $units      in the order of the patch list
     * @param list<Link>         $links      in the order in which they were added
     * @param list<Look>         $looks
     * @param list<Support>      $supports   in the order in which they were added
     * @param list<TypeCurves>   $typeCurves at most one for a type and mode
     * @param list<HeldSlots>    $holds      slots that are somebody else's
     * @param list<KnownFinding> $known      what somebody knows and wants to hear no more of
     * @param list<Run>          $runs       in the order in which they were added
     * @param Van                $van        the cable at hand
     * @param list<int>          $house      channels of the house's own network, ascending
     * @param list<Receiver>     $receivers  that several units share, in the order in which they were added
     * @param list<Circuit>      $circuits   in the order in which they were added
     * @param PowerTerms         $power      the mains, and how long the evening is
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
        array $holds = [],
        array $known = [],
        array $runs = [],
        Van $van = new Van(),
        array $house = [],
        array $receivers = [],
        array $circuits = [],
        PowerTerms $power = new PowerTerms(),
    ) {
        $this->van = $van;
        $this->power = $power;
        foreach ($circuits as $circuit) {
            $this->circuits[$circuit->id] = $circuit;
        }
        $this->houseChannels = $house;
        foreach ($runs as $run) {
            $this->runs[$run->id] = $run;
        }
        $this->name = $name;
        $this->desk = $desk;
        foreach ($units as $unit) {
            $this->units[$unit->id] = $unit;
        }
        foreach ($links as $link) {
            $this->links[$link->id] = $link;
        }
        foreach ($receivers as $receiver) {
            $this->receivers[$receiver->id] = $receiver;
        }
        foreach ($supports as $support) {
            $this->supports[$support->id] = $support;
        }
        foreach ($typeCurves as $curve) {
            $this->typeCurves[$curve->typeId.'/'.$curve->mode] = $curve;
        }
        foreach ($holds as $hold) {
            $this->holds[$hold->id] = $hold;
        }
        foreach ($known as $one) {
            $this->known[$one->id] = $one;
        }
        $this->looks = self::byMemory($looks);
    }

    /** @throws NotThere */
    public function unit(string $id): Unit
    {
        return $this->units[$id] ?? throw NotThere::unit();
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

    /** @throws NotThere */
    public function hold(string $id): HeldSlots
    {
        return $this->holds[$id] ?? throw NotThere::hold();
    }

    /** @throws NotThere */
    public function knownFinding(string $id): KnownFinding
    {
        return $this->known[$id] ?? throw NotThere::known();
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
        foreach ($rig->units as $id => $unit) {
            $there = $other->units[$id] ?? null;
            $rig->units[$id] = null !== $there && $unit->equals($there) ? $there : $unit;
        }
        $rig->links = self::shared($rig->links, $other->links);
        $rig->receivers = self::shared($rig->receivers, $other->receivers);
        $rig->looks = self::shared($rig->looks, $other->looks);
        $rig->supports = self::shared($rig->supports, $other->supports);
        $rig->holds = self::shared($rig->holds, $other->holds);
        $rig->known = self::shared($rig->known, $other->known);
        $rig->runs = self::shared($rig->runs, $other->runs);
        $rig->circuits = self::shared($rig->circuits, $other->circuits);
        $rig->power = self::isAlike($rig->power, $other->power) ? $other->power : $rig->power;
        $rig->typeCurves = self::shared($rig->typeCurves, $other->typeCurves);
        $rig->van = self::isAlike($rig->van, $other->van) ? $other->van : $rig->van;
        $rig->desk = self::isAlike($rig->desk, $other->desk) ? $other->desk : $rig->desk;

        return $rig;
    }

    /**
     * @template T of object
     *
     * @param array<string, T> $mine
     * @param array<string, T> $theirs
     *
     * @return array<string, T> those of mine, in my order; one of theirs wherever it is equal
     */
    private static function shared(array $mine, array $theirs): array
    {
        foreach ($mine as $key => $one) {
            $mine[$key] = isset($theirs[$key]) && self::isAlike($one, $theirs[$key]) ? $theirs[$key] : $one;
        }

        return $mine;
    }

    private static function isAlike(?object $one, ?object $other): bool
    {
        return serialize($one) === serialize($other);
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

    /** It comes down, every look and every run leaves it out, and what was known of it is known no more. */
    public function withoutUnit(string $id): self
    {
        $rig = $this->another();
        unset($rig->units[$id]);
        $rig->runs = array_map(
            static fn (Run $run): Run => $run->keeping(static fn (RunItem $item): bool => $item->unitId !== $id),
            $rig->runs,
        );
        $rig->looks = array_map(
            static fn (Look $look): Look => isset($look->values[$id]) ? $look->without($id)->marked($look->made) : $look,
            $rig->looks,
        );
        $rig->known = array_filter($rig->known, static fn (KnownFinding $known): bool => !\in_array($id, $known->units, true));

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
        $rig->known = array_filter($rig->known, static fn (KnownFinding $known): bool => $known->lookId !== $id);

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

    public function withHold(HeldSlots $hold): self
    {
        $rig = $this->another();
        $rig->holds[$hold->id] = $hold;

        return $rig;
    }

    public function withoutHold(string $id): self
    {
        $rig = $this->another();
        unset($rig->holds[$id]);

        return $rig;
    }

    public function withKnown(KnownFinding $known): self
    {
        $rig = $this->another();
        $rig->known[$known->id] = $known;

        return $rig;
    }

    public function withoutKnown(string $id): self
    {
        $rig = $this->another();
        unset($rig->known[$id]);

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
        $rig->forgetFacts();

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
