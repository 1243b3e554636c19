<?php

declare(strict_types=1);

namespace Rigger\App\Library;

use Rigger\App\Entity\FixtureRevision;
use Rigger\App\Library\View\FunctionRowView;
use Rigger\App\Library\View\ModeCostView;
use Rigger\App\Library\View\ModesView;
use Rigger\App\Library\View\RevisionListView;
use Rigger\App\Library\View\RevisionView;
use Rigger\App\Repository\Types;
use Rigger\Core\Compare\FunctionRow;
use Rigger\Core\Compare\ModeComparison;
use Rigger\Core\Compare\ModeCost;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Symfony\Component\Uid\Uuid;

/** Modes and revisions side by side. */
final readonly class Comparisons
{
    public function __construct(private Types $types)
    {
    }

    public function modes(FixtureRevision $revision, Rig $rig): ModesView
    {
        $modes = $revision->profile()->modes;
        usort($modes, static fn (Mode $one, Mode $other): int => $one->footprint() <=> $other->footprint());
        $units = \count(array_filter(
            $rig->units,
            static fn (Unit $unit): bool => $unit->revision()->typeId === (string) $revision->type->id(),
        ));
        $keys = array_map(static fn (Mode $mode): string => $mode->key, $modes);

        return new ModesView(
            array_map(static fn (Mode $mode): ModeCostView => ModeCostView::of($mode, ModeCost::of($mode, $units, $rig->desk())), $modes),
            array_map(
                static fn (FunctionRow $row): FunctionRowView => new FunctionRowView(
                    $row->function,
                    array_map(static fn (string $key): array => $row->channels[$key] ?? [], $keys),
                ),
                ModeComparison::of($revision->profile()),
            ),
            $units,
            $rig->desk()?->name,
        );
    }

    public function revisions(Uuid $typeId): RevisionListView
    {
        $revisions = $this->types->revisions($this->types->latest($typeId)->type);
        $uses = $this->types->uses($typeId);
        $views = [];
        foreach ($revisions as $index => $revision) {
            $views[] = RevisionView::of(
                $revision,
                isset($revisions[$index + 1]) ? $revisions[$index + 1]->profile() : null,
                $uses[$revision->number] ?? [],
            );
        }

        return new RevisionListView($views);
    }
}
