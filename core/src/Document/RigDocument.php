<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Desk\Desk;
use Rigger\Core\Position\Support as Held;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Rig\Link;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Revision;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Support;
use Rigger\Core\Rig\Unit;

/** A whole rig as an open document: format `rigger-rig`, version 1. It carries every chart and the desk that it needs. */
final readonly class RigDocument
{
    public const FORMAT = 'rigger-rig';
    public const VERSION = 1;

    /**
     * @param list<FixtureProfile>  $types      charts; units refer to them by index from 0
     * @param list<LinkEntry>       $links      radio senders; units refer to them by index from 0
     * @param list<UnitEntry>       $units      in the order of the patch list
     * @param list<LookEntry>       $looks      by bank and number
     * @param list<Held>            $supports   beams and stands
     * @param list<TypeCurvesEntry> $typeCurves at most one for a type and mode
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
    ) {
    }

    public static function of(Rig $rig): self
    {
        $revisions = [];
        foreach ($rig->units as $unit) {
            $revisions[$unit->revision()->id] = $unit->revision();
        }
        $types = array_flip(array_keys($revisions));
        $links = array_flip(array_keys($rig->links));
        $places = array_flip(array_keys($rig->units));

        return new self(
            $rig->name,
            $rig->venue,
            $rig->desk(),
            array_map(static fn (Revision $revision): FixtureProfile => $revision->profile, array_values($revisions)),
            array_map(static fn (Link $link): LinkEntry => new LinkEntry($link->kit, $link->label, $link->name), array_values($rig->links)),
            array_map(
                static fn (Unit $unit): UnitEntry => UnitEntry::of(
                    $unit,
                    $types[$unit->revision()->id],
                    null === $unit->linkId ? null : $links[$unit->linkId],
                ),
                array_values($rig->units),
            ),
            array_map(static fn (Look $look): LookEntry => self::look($look, $places), array_values($rig->looks)),
            array_map(static fn (Support $support): Held => $support->held, array_values($rig->supports)),
            self::typeCurves($rig, array_values($revisions)),
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

    /** @param array<string, int> $places by unit */
    private static function look(Look $look, array $places): LookEntry
    {
        $values = [];
        foreach ($look->values as $unit => $value) {
            $values[$places[$unit]] = $value;
        }
        ksort($values);

        return new LookEntry($look->name, $look->bank, $look->number, $values);
    }
}
