<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Lines;

use Rigger\Core\Change\Cable\AddRun;
use Rigger\Core\Change\Cable\ChangeItems;
use Rigger\Core\Change\Cable\ChangeRun;
use Rigger\Core\Change\Cable\PutOnRun;
use Rigger\Core\Change\Cable\SplitRun;
use Rigger\Core\Change\Cable\TakeOffRun;
use Rigger\Core\Change\Line\ConnectUnit;
use Rigger\Core\Change\Proposal;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Line\Cable\CableType;
use Rigger\Core\Line\Cable\DataRun;
use Rigger\Core\Rig\Line\Outlet;
use Rigger\Core\Rig\Line\Piece;
use Rigger\Core\Rig\Line\Run;
use Rigger\Core\Rig\Line\RunItem;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\RunState;
use Rigger\Core\Text\Names;

/** What could be done about a data run. */
final class RunProposals
{
    /** @return list<Proposal> the smallest first */
    public static function for(Rig $rig, Finding $finding): array
    {
        $run = $rig->runs[$finding->word('key')] ?? null;

        return match ($finding->code) {
            'on_no_run' => self::hung($rig, $finding->units),
            'cable_and_radio' => self::onOneWay($rig, $finding),
            default => null === $run ? [] : self::ofRun($rig, $run, $finding),
        };
    }

    /** @return list<Proposal> */
    private static function ofRun(Rig $rig, Run $run, Finding $finding): array
    {
        return match ($finding->code) {
            'no_terminator' => [new Proposal(
                \sprintf('Put a terminator on the end of %s', $run->name),
                [new ChangeRun($run->id, isTerminated: true)],
            )],
            'microphone_cable' => self::dataCable($run),
            'too_many' => self::split($rig, $run, self::firstPastLoad($run)),
            'long' => self::split($rig, $run, self::firstPastLength($rig, $run)),
            'not_plugged_in', 'outlet_twice' => self::pluggedIn($rig, $run),
            'other_universe_on_run' => self::carrying($rig, $run, $finding),
            default => [],
        };
    }

    /** @return list<Proposal> */
    private static function dataCable(Run $run): array
    {
        $items = array_values(array_filter(
            $run->items,
            static fn (RunItem $item): bool => CableType::Microphone === $item->cable->type,
        ));

        return [] === $items ? [] : [new Proposal(
            1 === \count($items) ? 'Swap it for data cable' : \sprintf('Swap the %d of them for data cable', \count($items)),
            [new ChangeItems(array_map(static fn (RunItem $item): string => $item->id, $items), cable: 'data')],
        )];
    }

    private static function firstPastLoad(Run $run): ?int
    {
        $load = 0.0;
        foreach ($run->items as $place => $item) {
            $load += $item->load;
            // The splitter that comes there is one load itself.
            if ($load > DataRun::MOST_LOADS - 1 + 1e-9) {
                return $place;
            }
        }

        return null;
    }

    private static function firstPastLength(Rig $rig, Run $run): ?int
    {
        $metres = 0.0;
        foreach (array_keys($run->items) as $place) {
            $metres += $rig->cabling()->length($run, $place)->metres() ?? 0.0;
            if ($metres > DataRun::LONGEST + 1e-9) {
                return $place;
            }
        }

        return null;
    }

    /** @return list<Proposal> */
    private static function split(Rig $rig, Run $run, ?int $place): array
    {
        $item = null === $place || 0 === $place ? null : $run->items[$place] ?? null;
        if (null === $item) {
            return [];
        }
        $name = null === $item->unitId ? $item->splitter->name ?? '' : $rig->unit($item->unitId)->name;

        return [
            new Proposal(\sprintf('Put a splitter before %s', $name), [new SplitRun($item->id)]),
            new Proposal(\sprintf('Let %s and what follows go on from an output of the desk', $name), [new SplitRun($item->id, 'desk')]),
        ];
    }

    /** @return list<Proposal> */
    private static function pluggedIn(Rig $rig, Run $run): array
    {
        $splitter = $run->from?->splitterId;
        $output = $rig->cabling()->freeOutput($splitter);
        if (null !== $splitter && $output <= self::outputsOf($rig, $splitter)) {
            return [new Proposal(
                \sprintf('Plug %s into output %d of the same splitter', $run->name, $output),
                [new ChangeRun($run->id, at: 'splitter', splitter: $splitter, output: $output)],
            )];
        }
        $output = $rig->cabling()->freeOutput(null);
        [$universe, $others] = self::wanted($rig, $run);

        return $output > Outlet::MOST ? [] : [new Proposal(
            \sprintf('Plug %s into output %d of %s', $run->name, $output, $rig->desk()->name ?? 'the desk'),
            [new ChangeRun($run->id, at: 'desk', output: $output, universe: $universe)],
            givesUp: [] === $others
                ? []
                : [\sprintf('%s listen to another universe than the %d of most.', Names::few($others), $universe)],
        )];
    }

    /** @return array{int, list<string>} the universe of most whom a run reaches, and the names of those who listen to another */
    private static function wanted(Rig $rig, Run $run): array
    {
        $reached = null === $run->last() ? [] : $rig->cabling()->pulled($run->items[0]->id)->dark;
        $universes = array_map(static fn (string $id): int => $rig->unit($id)->place->universe, $reached);
        $counts = array_count_values($universes);
        arsort($counts);
        $most = array_key_first($counts) ?? $rig->universe();

        return [$most, array_values(array_map(
            static fn (string $id): string => $rig->unit($id)->name,
            array_filter($reached, static fn (string $id): bool => $rig->unit($id)->place->universe !== $most),
        ))];
    }

    private static function outputsOf(Rig $rig, string $itemId): int
    {
        [$run, $place] = $rig->cabling()->placeOf($itemId) ?? [null, 0];

        return $run?->items[$place]->splitter->outputs ?? 0;
    }

    /** @return list<Proposal> */
    private static function carrying(Rig $rig, Run $run, Finding $finding): array
    {
        $universes = array_unique(array_map(static fn (string $id): int => $rig->unit($id)->place->universe, $run->unitIds()));
        $feeds = array_filter(
            $rig->runs,
            static fn (Run $one): bool => null !== $rig->cabling()->before($one) && $rig->cabling()->before($one)->id === $run->id,
        );
        if (1 === \count($universes) && null !== $run->from && null === $run->from->splitterId && [] === $feeds) {
            $universe = reset($universes);

            return [new Proposal(
                \sprintf('Let output %d send universe %d', $run->from->output, $universe),
                [new ChangeRun($run->id, at: 'desk', output: $run->from->output, universe: $universe)],
            )];
        }

        return self::hung($rig, $finding->units, $run);
    }

    /**
     * On the run that takes them without a fault, the one with the fewest; else on one of their own.
     *
     * @param list<string> $units
     * @param Run|null     $but   not on this one
     *
     * @return list<Proposal>
     */
    private static function hung(Rig $rig, array $units, ?Run $but = null): array
    {
        $universes = array_values(array_unique(array_map(static fn (string $id): int => $rig->unit($id)->place->universe, $units)));
        $isOfOthers = static fn (string $id): bool => RunState::Desk !== $rig->unit($id)->runState;
        // Who leads or follows is not parted from the others.
        if (1 !== \count($universes) || [] !== array_filter($units, $isOfOthers)) {
            return [];
        }
        $names = Names::few(array_map(static fn (string $id): string => $rig->unit($id)->name, $units));
        $best = null;
        foreach ($rig->runs as $run) {
            $isFit = $run->id !== $but?->id && null === $run->splitter() && $universes[0] === $rig->cabling()->universe($run);
            if ($isFit && (null === $best || \count($run->items) < \count($best->items)) && self::takes($rig, $run, $units)) {
                $best = $run;
            }
        }
        if (null !== $best) {
            return [new Proposal(\sprintf('Put %s at the end of %s', $names, $best->name), [new PutOnRun($best->id, $units)])];
        }
        $output = $rig->cabling()->freeOutput(null);

        return $output > Outlet::MOST || \count($units) > DataRun::MOST_LOADS ? [] : [new Proposal(
            \sprintf('Put %s on a run of %s', $names, 1 === \count($units) ? 'its own' : 'their own'),
            [new AddRun($units, universe: $universes[0])],
        )];
    }

    /** @param list<string> $units */
    private static function takes(Rig $rig, Run $run, array $units): bool
    {
        $piece = new Piece(ends: $run->last()->ends ?? $run->ends);
        $more = array_map(static fn (string $id): RunItem => RunItem::unit($id, $id, $piece), $units);
        $longer = $run->with([...$run->items, ...$more]);

        return [] === $rig->withRuns($longer)->cabling()->checked($longer)->faults();
    }

    /** @return list<Proposal> */
    private static function onOneWay(Rig $rig, Finding $finding): array
    {
        $unit = $rig->unit($finding->units[0]);
        foreach ($rig->cabling()->runOf($unit->id)->items ?? [] as $item) {
            if ($item->unitId === $unit->id) {
                // Its leader, or who follows it, hangs on the run.
                $isLed = \in_array($unit->runState, [RunState::Leader, RunState::Follower], true);

                return [
                    ...($isLed
                        ? []
                        : [new Proposal(\sprintf('Take %s off %s', $unit->name, $finding->word('run')), [new TakeOffRun([$item->id])])]),
                    new Proposal(
                        \sprintf('Put %s on cable alone', $unit->name),
                        [new ConnectUnit($unit->id, null)],
                        1,
                        SharedBattery::lostWith($rig, $unit),
                    ),
                ];
            }
        }

        return [];
    }
}
