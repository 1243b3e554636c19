<?php

declare(strict_types=1);

namespace Rigger\App\Library;

use Rigger\App\Entity\FixtureRevision;
use Rigger\App\Entity\Look;
use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Entity\RadioLink;
use Rigger\App\Entity\Support;
use Rigger\App\Rig\Snapshot;
use Rigger\Core\Position\Support as Held;
use Rigger\Core\Rig\FixtureEntry;
use Rigger\Core\Rig\LinkEntry;
use Rigger\Core\Rig\LookEntry;
use Rigger\Core\Rig\RigDocument;
use Rigger\Core\Rig\TypeCurvesEntry;

/** A stored rig to its open document. */
final class Exporter
{
    public static function rig(Snapshot $snapshot): RigDocument
    {
        $revisions = [];
        foreach ($snapshot->fixtures as $fixture) {
            $revisions[(string) $fixture->revision()->id()] = $fixture->revision();
        }
        $types = array_flip(array_keys($revisions));
        $links = array_flip(array_map(static fn (RadioLink $one): string => (string) $one->id(), $snapshot->links));
        $places = array_flip(array_map(static fn (PatchedFixture $one): string => (string) $one->id(), $snapshot->fixtures));

        return new RigDocument(
            $snapshot->rig->name(),
            $snapshot->rig->venue->name,
            $snapshot->desk(),
            array_map(static fn (FixtureRevision $one) => $one->profile(), array_values($revisions)),
            array_map(static fn (RadioLink $one): LinkEntry => new LinkEntry($one->kit, $one->label(), $one->name()), $snapshot->links),
            array_map(static fn (PatchedFixture $one): FixtureEntry => new FixtureEntry(
                $one->name(),
                $types[(string) $one->revision()->id()],
                $one->modeKey(),
                $one->universe(),
                $one->span()->first,
                null === $one->link() ? null : $links[(string) $one->link()->id()],
                $one->receiver(),
                $one->position(),
                $one->calledNumber(),
                $one->groups(),
                $one->note(),
                $one->tape(),
                $one->isLocked(),
                $one->spot(),
                $one->curves(),
                $one->panReversed(),
                $one->tiltReversed(),
                $one->takesButtons(),
            ), $snapshot->fixtures),
            array_map(static fn (Look $one): LookEntry => self::look($one, $places), $snapshot->looks),
            array_map(static fn (Support $one): Held => $one->held(), $snapshot->supports),
            self::typeCurves($snapshot, array_values($revisions)),
        );
    }

    /**
     * @param list<FixtureRevision> $revisions
     *
     * @return list<TypeCurvesEntry> those of types that hang there still
     */
    private static function typeCurves(Snapshot $snapshot, array $revisions): array
    {
        $entries = [];
        foreach ($snapshot->curves as $curves) {
            foreach ($revisions as $index => $revision) {
                if ($revision->type === $curves->type && null !== $revision->profile()->mode($curves->mode)) {
                    $entries[] = new TypeCurvesEntry($index, $curves->mode, $curves->curves());
                    break;
                }
            }
        }

        return $entries;
    }

    /** @param array<string, int> $places */
    private static function look(Look $look, array $places): LookEntry
    {
        $values = [];
        foreach ($look->cells() as $cell) {
            $values[$places[(string) $cell->fixture->id()]] = $cell->values();
        }
        ksort($values);

        return new LookEntry($look->name(), $look->bank(), $look->number(), $values);
    }
}
