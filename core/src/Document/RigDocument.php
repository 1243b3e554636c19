<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Desk\Desk;
use Rigger\Core\Line\Radio\Kit;
use Rigger\Core\Position\Support as Held;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Rig\DeskInUse;
use Rigger\Core\Rig\HeldSlots;
use Rigger\Core\Rig\KitInUse;
use Rigger\Core\Rig\KnownFinding;
use Rigger\Core\Rig\Line\Run;
use Rigger\Core\Rig\Line\Van;
use Rigger\Core\Rig\Link;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Power\Circuit;
use Rigger\Core\Rig\Power\PowerTerms;
use Rigger\Core\Rig\Receiver;
use Rigger\Core\Rig\Revision;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Support;
use Rigger\Core\Rig\TypeCurves;
use Rigger\Core\Rig\Unit;

/** A whole rig as an open document: format `rigger-rig`, version 3. It carries every chart, the desk and the radio kits that it needs. */
final readonly class RigDocument
{
    public const FORMAT = 'rigger-rig';
    public const VERSION = 4;

    /**
     * @param list<FixtureProfile>  $types      charts; units refer to them by index from 0
     * @param list<LinkEntry>       $links      radio senders; units refer to them by index from 0
     * @param list<UnitEntry>       $units      in the order of the patch list
     * @param list<LookEntry>       $looks      by bank and number
     * @param list<Held>            $supports   beams and stands
     * @param list<TypeCurvesEntry> $typeCurves at most one for a type and mode
     * @param list<HoldEntry>       $holds      since version 2
     * @param list<KnownEntry>      $known      since version 2
     * @param list<RunEntry>        $runs       since version 3
     * @param Van                   $van        since version 3
     * @param list<Kit>             $kits       since version 3; before that the two that were known by name
     * @param list<int>             $house      channels of the house's network; since version 3
     * @param list<ReceiverEntry>   $receivers  that several units share; since version 3
     * @param list<CircuitEntry>    $circuits   since version 3
     * @param PowerTerms            $power      since version 3
     */
    public function __construct(
        public string $name,
        public string $venue,
        public ?Desk $desk,
        public array $types,
        public array $links,
        public array $units,
        public array $looks,
        public array $supports = [],
        public array $typeCurves = [],
        public array $holds = [],
        public array $known = [],
        public array $runs = [],
        public Van $van = new Van(),
        public array $kits = [],
        public array $house = [],
        public array $receivers = [],
        public array $circuits = [],
        public PowerTerms $power = new PowerTerms(),
    ) {
    }

    public static function of(Rig $rig): self
    {
        $revisions = self::revisionsOf($rig);
        $types = array_flip(array_map(static fn (Revision $revision): string => $revision->id, $revisions));
        $links = array_flip(array_keys($rig->links));
        $receivers = array_flip(array_keys($rig->receivers));
        $circuits = array_flip(array_keys($rig->circuits));
        $places = array_flip(array_keys($rig->units));
        $inUse = self::kitsOf($rig);
        $kits = array_flip(array_map(static fn (KitInUse $kit): string => $kit->id, $inUse));

        return new self(
            $rig->name,
            $rig->venue,
            $rig->desk(),
            array_map(static fn (Revision $revision): FixtureProfile => $revision->profile, $revisions),
            array_map(
                static fn (Link $link): LinkEntry => LinkEntry::of($link, $kits[$link->kit->id]),
                array_values($rig->links),
            ),
            array_map(
                static fn (Unit $unit): UnitEntry => UnitEntry::of(
                    $unit,
                    $types[$unit->revision()->id],
                    null === $unit->linkId ? null : $links[$unit->linkId],
                    null === $unit->receiverId ? null : $receivers[$unit->receiverId],
                    null === $unit->circuitId ? null : $circuits[$unit->circuitId],
                ),
                array_values($rig->units),
            ),
            array_map(static fn (Look $look): LookEntry => self::look($look, $places), array_values($rig->looks)),
            array_map(static fn (Support $support): Held => $support->held, array_values($rig->supports)),
            self::typeCurves($rig, $revisions),
            array_map(HoldEntry::of(...), array_values($rig->holds)),
            array_map(
                static fn (KnownFinding $known): KnownEntry => KnownEntry::of($known, $places, $links, array_flip(array_keys($rig->looks))),
                array_values($rig->known),
            ),
            self::runs($rig, $places),
            $rig->van,
            array_map(static fn (KitInUse $kit): Kit => $kit->kit, $inUse),
            $rig->houseChannels,
            array_map(
                static fn (Receiver $receiver): ReceiverEntry => ReceiverEntry::of($receiver, $links[$receiver->linkId]),
                array_values($rig->receivers),
            ),
            array_map(static fn (Circuit $circuit): CircuitEntry => new CircuitEntry(
                $circuit->name,
                $circuit->amps,
                null === $circuit->fedBy ? null : $circuits[$circuit->fedBy],
            ), array_values($rig->circuits)),
            $rig->power,
        );
    }

    /** @return list<KitInUse> that its links are of, as they stand in the document's kits */
    public static function kitsOf(Rig $rig): array
    {
        $kits = [];
        foreach ($rig->links as $link) {
            $kits[$link->kit->id] = $link->kit;
        }

        return array_values($kits);
    }

    /** @return list<Revision> that its units follow, as they stand in the document's types */
    public static function revisionsOf(Rig $rig): array
    {
        $revisions = [];
        foreach ($rig->units as $unit) {
            $revisions[$unit->revision()->id] = $unit->revision();
        }

        return array_values($revisions);
    }

    /**
     * The rig of it, hung anew: with ids of its own, nothing ticked.
     *
     * @param list<Revision>     $revisions one for each of its types
     * @param list<KitInUse>     $kits      one for each of its kits
     * @param callable(): string $newId
     */
    public function rig(string $id, ?DeskInUse $desk, array $revisions, array $kits, callable $newId): Rig
    {
        $links = array_map(
            static fn (LinkEntry $link): Link => new Link(
                $newId(),
                $kits[$link->kit],
                $link->label,
                $link->name,
                $link->spot,
                $link->place,
                $link->obstacles,
            ),
            $this->links,
        );
        $receivers = array_map(
            static fn (ReceiverEntry $one): Receiver => $one->receiver($newId(), $links[$one->link]->id),
            $this->receivers,
        );
        $circuitIds = array_map(static fn (CircuitEntry $one): string => $newId(), $this->circuits);
        $units = array_map(static fn (UnitEntry $unit): Unit => $unit->unit(
            $newId(),
            $revisions[$unit->type],
            null === $unit->link ? null : $links[$unit->link]->id,
            null === $unit->behind ? null : $receivers[$unit->behind],
            null === $unit->circuit ? null : $circuitIds[$unit->circuit],
        ), $this->units);
        $looks = array_map(static function (LookEntry $look) use ($units, $newId): Look {
            $values = $intents = [];
            foreach ($look->values as $place => $value) {
                $values[$units[$place]->id] = $value;
            }
            foreach ($look->intents as $place => $intent) {
                $intents[$units[$place]->id] = $intent;
            }

            return new Look($newId(), $look->name, $look->bank, $look->number, $values, $intents, $look->made);
        }, $this->looks);
        $unitIds = array_map(static fn (Unit $unit): string => $unit->id, $units);
        $linkIds = array_map(static fn (Link $link): string => $link->id, $links);
        $lookIds = array_map(static fn (Look $look): string => $look->id, $looks);

        return new Rig(
            $id,
            $this->name,
            $this->venue,
            0,
            $desk,
            $units,
            $links,
            $looks,
            array_map(static fn (Held $held): Support => new Support($newId(), $held), $this->supports),
            array_map(
                static fn (TypeCurvesEntry $one): TypeCurves => new TypeCurves($revisions[$one->type]->typeId, $one->mode, $one->curves),
                $this->typeCurves,
            ),
            array_map(
                static fn (HoldEntry $hold): HeldSlots => new HeldSlots($newId(), $hold->name, $hold->universe, $hold->span),
                $this->holds,
            ),
            array_map(
                static fn (KnownEntry $known): KnownFinding => $known->known($newId(), $unitIds, $linkIds, $lookIds),
                $this->known,
            ),
            $this->runsOf($unitIds, $newId),
            $this->van,
            $this->house,
            $receivers,
            array_map(static fn (CircuitEntry $one, string $circuitId): Circuit => new Circuit(
                $circuitId,
                $one->name,
                $one->amps,
                null === $one->from ? null : $circuitIds[$one->from],
            ), $this->circuits, $circuitIds),
            $this->power,
        );
    }

    /**
     * @param list<Revision> $revisions
     *
     * @return list<TypeCurvesEntry> those of types that hang there still
     */
    private static function typeCurves(Rig $rig, array $revisions): array
    {
        $entries = [];
        foreach ($rig->typeCurves as $curves) {
            foreach ($revisions as $index => $revision) {
                if ($revision->typeId === $curves->typeId && null !== $revision->mode($curves->mode)) {
                    $entries[] = new TypeCurvesEntry($index, $curves->mode, $curves->curves);
                    break;
                }
            }
        }

        return $entries;
    }

    /**
     * @param array<string, int> $places by unit
     *
     * @return list<RunEntry>
     */
    private static function runs(Rig $rig, array $places): array
    {
        $splitters = [];
        foreach (array_values($rig->runs) as $index => $run) {
            $splitters[$run->splitter()->id ?? ''] = $index;
        }

        return array_map(static fn (Run $run): RunEntry => RunEntry::of($run, $places, $splitters), array_values($rig->runs));
    }

    /**
     * @param list<string>       $unitIds by place
     * @param callable(): string $newId
     *
     * @return list<Run>
     */
    private function runsOf(array $unitIds, callable $newId): array
    {
        $itemIds = array_map(
            static fn (RunEntry $run): array => array_map(static fn (RunItemEntry $item): string => $newId(), $run->items),
            $this->runs,
        );
        $splitters = array_map(static fn (array $ids): ?string => [] === $ids ? null : $ids[\count($ids) - 1], $itemIds);

        return array_map(
            static fn (RunEntry $run, array $ids): Run => $run->run($newId(), $ids, $unitIds, $splitters),
            $this->runs,
            $itemIds,
        );
    }

    /** @param array<string, int> $places by unit */
    private static function look(Look $look, array $places): LookEntry
    {
        $values = [];
        foreach ($look->values as $unit => $value) {
            $values[$places[$unit]] = $value;
        }
        ksort($values);
        $intents = [];
        foreach ($look->intents as $unit => $intent) {
            $intents[$places[$unit]] = $intent;
        }

        return new LookEntry($look->name, $look->bank, $look->number, $values, $intents, $look->made);
    }
}
