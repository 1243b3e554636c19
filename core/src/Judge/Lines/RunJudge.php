<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Lines;

use Rigger\Core\Finding\Finding;
use Rigger\Core\Rig\Line\Run;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\RunState;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Severity;

/** Data runs: too much on one, too long, open ends, doubtful cable, and whom no data reaches. */
final class RunJudge
{
    /** @return list<Finding> run by run, then what is said of all of them */
    public static function findings(Rig $rig): array
    {
        $findings = [];
        $begun = [];
        foreach ($rig->runs as $run) {
            array_push($findings, ...self::ofRun($rig, $run));
            $from = $run->from;
            if (null === $from) {
                // A leader's cable begins at the leader, that of a receiver at the receiver.
                if (self::hasLeader($rig, $run) || null !== $rig->receiverOf($run)) {
                    continue;
                }
                $findings[] = self::finding('not_plugged_in', Severity::Warning, $run);
            } elseif (isset($begun[$from->key()])) {
                $findings[] = self::finding('outlet_twice', Severity::Error, $run, [
                    'first' => $begun[$from->key()]->name,
                    'output' => $from->output,
                ]);
            }
            if (null !== $from) {
                $begun[$from->key()] ??= $run;
            }
        }

        return [...$findings, ...self::ofRig($rig)];
    }

    /** @return list<Finding> */
    private static function ofRun(Rig $rig, Run $run): array
    {
        $cabling = $rig->cabling();
        $findings = [];
        foreach ($cabling->checked($run)->faults() as $fault) {
            $findings[] = self::finding($fault->code, $fault->severity, $run, $fault->figures);
        }
        $unknown = \count(array_filter(
            array_keys($run->items),
            static fn (int $place): bool => null === $cabling->length($run, $place)->metres(),
        ));
        if ($unknown > 0) {
            $findings[] = self::finding('length_unknown', Severity::Note, $run, ['count' => $unknown, 'of' => \count($run->items)]);
        }
        $universe = $cabling->universe($run);
        $elsewhere = null === $universe ? [] : array_values(array_filter(
            $run->unitIds(),
            static fn (string $id): bool => $rig->unit($id)->place->universe !== $universe,
        ));
        if ([] !== $elsewhere) {
            $findings[] = new Finding('lines', 'other_universe_on_run', Severity::Error, $elsewhere, [
                'key' => $run->id, 'run' => $run->name, 'carries' => $universe,
                'listens' => $rig->unit($elsewhere[0])->place->universe,
            ]);
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function ofRig(Rig $rig): array
    {
        if ([] === $rig->runs) {
            return [];
        }
        $findings = $both = $none = [];
        foreach ($rig->units as $unit) {
            $run = $rig->cabling()->runOf($unit->id);
            $isOnRun = null !== $run;
            if ($isOnRun && null !== $unit->linkId && null === $rig->receiverOf($run)) {
                $both[] = $unit->id;
            }
            if (!$isOnRun && null === $unit->linkId && !$unit->isOut && RunState::Desk === $unit->runState) {
                $none[] = $unit->id;
            }
        }
        foreach ($both as $id) {
            $findings[] = new Finding('lines', 'cable_and_radio', Severity::Warning, [$id], [
                'run' => $rig->cabling()->runOf($id)->name ?? '',
            ], linkId: $rig->unit($id)->linkId);
        }
        if ([] !== $none) {
            $findings[] = new Finding('lines', 'on_no_run', Severity::Warning, $none, ['count' => \count($none)], cause: 'run');
        }
        $mixed = array_values(array_filter($rig->runs, static fn (Run $run): bool => !self::isByAddress($rig, $run)));
        if ([] !== $mixed) {
            $findings[] = new Finding('lines', 'cable_order', Severity::Note, [], [
                'run' => $mixed[0]->name,
                'count' => \count($mixed),
            ]);
        }

        return $findings;
    }

    private static function hasLeader(Rig $rig, Run $run): bool
    {
        foreach ($run->unitIds() as $id) {
            if (RunState::Leader === $rig->unit($id)->runState) {
                return true;
            }
        }

        return false;
    }

    private static function isByAddress(Rig $rig, Run $run): bool
    {
        $units = array_map(static fn (string $id): Unit => $rig->unit($id), $run->unitIds());
        $places = array_map(static fn (Unit $unit): array => [$unit->place->universe, $unit->place->address], $units);
        $sorted = $places;
        sort($sorted);

        return $places === $sorted;
    }

    /** @param array<string, int|float|string> $figures */
    private static function finding(string $code, Severity $severity, Run $run, array $figures = []): Finding
    {
        return new Finding('lines', $code, $severity, $run->unitIds(), ['key' => $run->id, 'run' => $run->name] + $figures, cause: 'run');
    }
}
