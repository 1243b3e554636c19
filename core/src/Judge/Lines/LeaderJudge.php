<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Lines;

use Rigger\Core\Change\Cable\ChangeRun;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Proposal;
use Rigger\Core\Change\Unit\HearRemote;
use Rigger\Core\Change\Unit\RunUnits;
use Rigger\Core\Change\Unit\TurnUnit;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Finding\LeaderWords;
use Rigger\Core\Rig\Reversal;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\RunState;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Severity;
use Rigger\Core\Text\Names;

/** Units that play without a desk: one leads, the others follow, and one alone listens to the hand remote. */
final class LeaderJudge
{
    /** @return list<Finding> party by party, then unit by unit */
    public static function findings(Rig $rig): array
    {
        $findings = [];
        foreach (self::parties($rig) as $key => $party) {
            array_push($findings, ...self::ofParty($rig, $key, $party));
        }
        foreach ($rig->units as $unit) {
            if ($unit->isOut) {
                continue;
            }
            if (RunState::Desk === $unit->runState && $unit->hearsRemote) {
                $findings[] = new Finding('lines', 'remote_fights', Severity::Warning, [$unit->id]);
            }
            $isTurned = Reversal::InSoftware === $unit->pan || Reversal::InSoftware === $unit->tilt;
            if (RunState::Desk !== $unit->runState && $isTurned) {
                $findings[] = new Finding('lines', 'turned_in_vain', Severity::Warning, [$unit->id], [
                    'direction' => Reversal::InSoftware === $unit->pan ? 'pan' : 'tilt',
                ]);
            }
        }

        return $findings;
    }

    /**
     * @param non-empty-list<Unit> $party
     *
     * @return list<Finding>
     */
    private static function ofParty(Rig $rig, string $key, array $party): array
    {
        $of = static fn (RunState $state): array => array_values(array_map(
            static fn (Unit $unit): string => $unit->id,
            array_filter($party, static fn (Unit $unit): bool => $unit->runState === $state),
        ));
        [$leaders, $followers] = [$of(RunState::Leader), $of(RunState::Follower)];
        $findings = [];
        if ([] !== $followers && [] === $leaders) {
            $findings[] = new Finding('lines', 'no_leader', Severity::Error, $followers);
        }
        if (\count($leaders) > 1) {
            $findings[] = new Finding('lines', 'two_leaders', Severity::Error, $leaders);
        }
        $run = $rig->runs[$key] ?? null;
        if (null !== $run?->from && [] !== $leaders) {
            $findings[] = new Finding('lines', 'leader_and_desk', Severity::Error, $leaders, ['key' => $run->id, 'run' => $run->name]);
        }
        $hearing = array_values(array_map(
            static fn (Unit $unit): string => $unit->id,
            array_filter($party, static fn (Unit $unit): bool => $unit->hearsRemote && RunState::Desk !== $unit->runState),
        ));
        if (\count($hearing) > 1 || [] !== array_intersect($hearing, $followers)) {
            $findings[] = new Finding('lines', 'remote_many', Severity::Warning, $hearing, ['leader' => $leaders[0] ?? null]);
        }

        return $findings;
    }

    /** @return array<string, non-empty-list<Unit>> those in one another's reach: on a run, behind a sender, or on neither */
    private static function parties(Rig $rig): array
    {
        $parties = [];
        foreach ($rig->units as $unit) {
            if (!$unit->isOut) {
                $parties[$rig->cabling()->runOf($unit->id)->id ?? $unit->linkId ?? 'room'][] = $unit;
            }
        }

        return $parties;
    }

    /** @return list<Proposal> */
    public static function proposals(Rig $rig, Finding $finding): array
    {
        if (!\in_array($finding->code, LeaderWords::CODES, true)) {
            return [];
        }
        $first = $rig->unit($finding->units[0]);

        return match ($finding->code) {
            'no_leader' => self::isFedByDesk($rig, $first)
                ? [self::toTheDesk($rig, $first)]
                : [self::one(\sprintf('Let %s lead', $first->name), new RunUnits([$first->id], 'leader'))],
            'two_leaders' => [self::oneLeads($rig, $finding->units)],
            'leader_and_desk' => [
                self::one(
                    \sprintf('Unplug %s from the desk', $finding->word('run')),
                    new ChangeRun($finding->word('key'), at: 'nowhere'),
                    0,
                ),
                self::toTheDesk($rig, $first),
            ],
            'remote_many' => self::remoteAlone($rig, $finding),
            'remote_fights' => [self::one(
                \sprintf('Let %s listen to the remote no more', $first->name),
                new HearRemote([$first->id], false),
            )],
            default => [self::one('Turn it round in the unit instead', new TurnUnit($first->id, $finding->word('direction'), 'unit'))],
        };
    }

    private static function isFedByDesk(Rig $rig, Unit $unit): bool
    {
        $run = $rig->cabling()->runOf($unit->id);

        return null === $run ? null !== $unit->linkId : null !== $rig->cabling()->universe($run);
    }

    /**
     * The one that hears the remote stays the leader, else the first.
     *
     * @param list<string> $leaders
     */
    private static function oneLeads(Rig $rig, array $leaders): Proposal
    {
        $hearing = array_values(array_filter($leaders, static fn (string $id): bool => $rig->unit($id)->hearsRemote));
        $leader = $hearing[0] ?? $leaders[0];
        $rest = array_values(array_diff($leaders, [$leader]));
        $deaf = array_values(array_intersect($hearing, $rest));

        return new Proposal(
            \sprintf('Let %s lead, and %s follow', $rig->unit($leader)->name, self::names($rig, $rest)),
            [new RunUnits($rest, 'follower'), ...([] === $deaf ? [] : [new HearRemote($deaf, false)])],
            \count($rest),
        );
    }

    /** All who lead or follow where a unit is listen to the desk, and none to a remote. */
    private static function toTheDesk(Rig $rig, Unit $unit): Proposal
    {
        $all = [];
        foreach (self::parties($rig) as $party) {
            if (\in_array($unit, $party, true)) {
                $all = array_values(array_filter(
                    $party,
                    static fn (Unit $one): bool => \in_array($one->runState, [RunState::Leader, RunState::Follower], true),
                ));
            }
        }
        $ids = array_map(static fn (Unit $one): string => $one->id, $all);
        $hearing = array_values(array_map(
            static fn (Unit $one): string => $one->id,
            array_filter($all, static fn (Unit $one): bool => $one->hearsRemote),
        ));

        return new Proposal(
            \sprintf('Let %s listen to the desk', self::names($rig, $ids)),
            [new RunUnits($ids, 'desk'), ...([] === $hearing ? [] : [new HearRemote($hearing, false)])],
            \count($ids),
        );
    }

    /** @return list<Proposal> */
    private static function remoteAlone(Rig $rig, Finding $finding): array
    {
        $leader = $finding->word('leader');
        if ('' === $leader) {
            return [];
        }
        $others = array_values(array_diff($finding->units, [$leader]));
        $changes = [] === $others ? [] : [new HearRemote($others, false)];
        if (!$rig->unit($leader)->hearsRemote) {
            $changes[] = new HearRemote([$leader], true);
        }

        return [] === $changes ? [] : [new Proposal(
            \sprintf('Let %s alone listen to the remote', $rig->unit($leader)->name),
            $changes,
            \count($others) + ($rig->unit($leader)->hearsRemote ? 0 : 1),
        )];
    }

    private static function one(string $label, Change $change, int $trips = 1): Proposal
    {
        return new Proposal($label, [$change], $trips);
    }

    /** @param list<string> $units */
    private static function names(Rig $rig, array $units): string
    {
        return Names::few(array_map(static fn (string $id): string => $rig->unit($id)->name, $units));
    }
}
