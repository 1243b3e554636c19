<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Lines;

use Rigger\Core\Finding\Finding;
use Rigger\Core\Power\CircuitLoad;
use Rigger\Core\Rig\Power\BatteryPlan;
use Rigger\Core\Rig\Power\Circuit;
use Rigger\Core\Rig\Power\Draw;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Severity;

/** Circuits that carry too much, packs and sockets beyond what they stand, batteries that end early, and thin wire to tape. */
final class PowerJudge
{
    private const NEAR = 1e-9;

    /** @return list<Finding> circuit by circuit, then unit by unit */
    public static function findings(Rig $rig): array
    {
        $findings = [];
        foreach ($rig->circuits as $circuit) {
            array_push($findings, ...self::ofCircuit($rig, $circuit));
        }
        $none = [];
        foreach ($rig->units as $unit) {
            if (!$unit->isOut) {
                array_push($findings, ...self::ofUnit($rig, $unit));
            }
            // Before a circuit is set down nobody is missing on one.
            if ([] !== $rig->circuits && null === $unit->circuitId && !$unit->isOut && !$rig->distribution()->isOnBattery($unit)) {
                $none[] = $unit->id;
            }
        }
        if ([] !== $none) {
            $findings[] = new Finding('lines', 'no_circuit', Severity::Warning, $none, ['count' => \count($none)], cause: 'power');
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function ofCircuit(Rig $rig, Circuit $circuit): array
    {
        $distribution = $rig->distribution();
        $full = $distribution->full($circuit);
        $brightest = 'ok' === $full->verdict() ? null : $distribution->brightest($circuit);
        $units = array_map(static fn (Unit $unit): string => $unit->id, $distribution->units($circuit->id));
        $figures = ['key' => $circuit->id, 'circuit' => $circuit->name, 'breaker' => $circuit->isBreaker(), 'rating' => $circuit->amps]
            + self::figures($full)
            + (null === $brightest ? [] : ['look' => $brightest[0]->name, 'lookAmps' => round($brightest[1]->amps, 2)]);
        $findings = [];
        if ('over' === $full->verdict()) {
            $isInLooks = null === $brightest || 'over' === $brightest[1]->verdict();
            $findings[] = new Finding(
                'lines',
                'circuit_over',
                $isInLooks ? Severity::Error : Severity::Warning,
                $units,
                $figures,
                cause: 'power',
            );
        } elseif ('near' === $full->verdict()) {
            $findings[] = new Finding('lines', 'circuit_near', Severity::Caution, $units, $figures, cause: 'power');
        }
        $unknown = $distribution->unknown($circuit->id);
        if ([] !== $unknown) {
            $findings[] = new Finding(
                'lines',
                'watts_unknown',
                Severity::Note,
                $unknown,
                ['key' => $circuit->id, 'circuit' => $circuit->name],
                cause: 'power',
            );
        }

        return $findings;
    }

    /** @return array{watts: float, amps: float, limit: float} */
    private static function figures(CircuitLoad $load): array
    {
        return ['watts' => round($load->watts, 1), 'amps' => round($load->amps, 2), 'limit' => round($load->limitAmps, 2)];
    }

    /** @return list<Finding> */
    private static function ofUnit(Rig $rig, Unit $unit): array
    {
        return array_values(array_filter([
            self::pack($rig, $unit),
            ...self::sockets($rig, $unit),
            self::battery($rig, $unit),
            ...self::tape($unit),
        ]));
    }

    private static function pack(Rig $rig, Unit $unit): ?Finding
    {
        $most = $unit->supply->packAmps;
        if (null === $most) {
            return null;
        }
        $watts = Draw::full($unit) ?? 0.0;
        $amps = $rig->power->amps($watts);

        return $amps <= $most + self::NEAR ? null : new Finding('lines', 'pack_over', Severity::Error, [$unit->id], [
            'watts' => round($watts, 1), 'amps' => round($amps, 2), 'limit' => $most,
        ]);
    }

    /** @return list<Finding> */
    private static function sockets(Rig $rig, Unit $unit): array
    {
        $most = $unit->supply->socketAmps;
        $findings = [];
        foreach ($unit->supply->lamps as $cell => $watts) {
            $amps = $rig->power->amps($watts);
            if (null !== $most && $amps > $most + self::NEAR) {
                $findings[] = new Finding('lines', 'socket_over', Severity::Error, [$unit->id], [
                    'key' => (string) $cell, 'socket' => $unit->cellNames[$cell] ?? $unit->mode()->cellLabel($cell),
                    'watts' => $watts, 'amps' => round($amps, 2), 'limit' => $most,
                ]);
            }
        }

        return $findings;
    }

    private static function battery(Rig $rig, Unit $unit): ?Finding
    {
        $plan = BatteryPlan::of($rig, $unit);
        $verdict = $plan?->verdict() ?? 'ok';

        return null === $plan || 'ok' === $verdict ? null : new Finding(
            'lines',
            'battery_short',
            'short' === $verdict ? Severity::Error : Severity::Warning,
            [$unit->id],
            [
                'hours' => round($plan->hours() ?? 0.0, 2), 'burning' => round($plan->burning, 2), 'needed' => round($plan->needed, 2),
                'reserve' => $rig->power->reserve, 'ampHours' => $plan->battery->ampHours, 'enough' => ceil($plan->enough() * 10) / 10,
                'verdict' => $verdict, 'byLooks' => null !== $plan->meanWatts,
            ],
        );
    }

    /** @return list<Finding> */
    private static function tape(Unit $unit): array
    {
        $tape = $unit->supply->tape;
        if (null === $tape) {
            return [];
        }
        $drop = $tape->drop();
        $figures = [
            'amps' => round($tape->amps(), 2), 'metres' => $tape->wireMetres, 'mm2' => $tape->mm2, 'volts' => $tape->volts,
            'drop' => round($drop->dropVolts, 2), 'percent' => round($drop->percent, 1),
        ];

        return array_values(array_filter([
            'ok' === $drop->verdict() ? null : new Finding(
                'lines',
                'wire_drop',
                'too_high' === $drop->verdict() ? Severity::Warning : Severity::Caution,
                [$unit->id],
                $figures,
            ),
            $tape->isProtected() ? null : new Finding('lines', 'wire_fuse', Severity::Error, [$unit->id], $figures + [
                'fuse' => $tape->fuse() ?? 0.0, 'most' => $tape->wireAmps(),
            ]),
        ]));
    }
}
