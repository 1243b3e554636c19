<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Lines;

use Rigger\Core\Change\Power\PlugUnits;
use Rigger\Core\Change\Power\WireTape;
use Rigger\Core\Change\Proposal;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Rig\Power\Circuit;
use Rigger\Core\Rig\Power\Draw;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Text\Figure;
use Rigger\Core\Text\Names;

/** What could be done about power: another circuit, a thicker wire. */
final class PowerProposals
{
    /** @return list<Proposal> none of its own for what takes another battery, or another lamp */
    public static function for(Rig $rig, Finding $finding): array
    {
        return match ($finding->code) {
            'circuit_over' => self::lighter($rig, $rig->circuit($finding->word('key'))),
            'no_circuit' => self::plugged($rig, array_map($rig->unit(...), $finding->units)),
            'wire_drop', 'wire_fuse' => self::thicker($rig->unit($finding->units[0])),
            default => [],
        };
    }

    /**
     * One unit fewer on it: the lightest that is enough, where another breaker has the room.
     *
     * @return list<Proposal>
     */
    private static function lighter(Rig $rig, Circuit $circuit): array
    {
        $distribution = $rig->distribution();
        $full = $distribution->full($circuit);
        $others = array_filter($rig->circuits, static fn (Circuit $one): bool => !$distribution->isBehind($circuit->id, $one->id));
        $best = null;
        foreach ($distribution->units($circuit->id) as $unit) {
            $watts = $unit->isOut ? 0.0 : (Draw::full($unit) ?? 0.0);
            $isEnough = 'ok' === $distribution->loadOf($circuit, $full->watts - $watts)->verdict();
            if ($watts > 0.0 && $isEnough && (null === $best || $watts < $best[1])) {
                $to = self::roomFor($rig, $watts, $others, []);
                $best = null === $to ? $best : [$unit, $watts, $to];
            }
        }

        return null === $best ? [] : [new Proposal(
            \sprintf('Plug %s into %s', $best[0]->name, $best[2]->name),
            [new PlugUnits([$best[0]->id], $best[2]->id)],
        )];
    }

    /**
     * The breaker with most room that stands so much more.
     *
     * @param array<string, Circuit> $among
     * @param array<string, float>   $more  watts that are to come to each beside what it carries, by circuit
     */
    private static function roomFor(Rig $rig, float $watts, array $among, array $more): ?Circuit
    {
        $most = null;
        foreach ($among as $circuit) {
            if (!$circuit->isBreaker()) {
                continue;
            }
            $carried = $rig->distribution()->full($circuit)->watts + ($more[$circuit->id] ?? 0.0);
            $load = $rig->distribution()->loadOf($circuit, $carried + $watts);
            if ('ok' === $load->verdict()) {
                $room = $load->limitAmps - $load->amps;
                $most = null === $most || $room > $most[1] ? [$circuit, $room] : $most;
            }
        }

        return $most[0] ?? null;
    }

    /**
     * Each where there is most room then, the heaviest first.
     *
     * @param list<Unit> $units
     *
     * @return list<Proposal> none where they do not all find room
     */
    private static function plugged(Rig $rig, array $units): array
    {
        usort($units, static fn (Unit $one, Unit $other): int => (Draw::full($other) ?? 0.0) <=> (Draw::full($one) ?? 0.0));
        $by = $more = [];
        foreach ($units as $unit) {
            $watts = Draw::full($unit) ?? 0.0;
            $circuit = self::roomFor($rig, $watts, $rig->circuits, $more);
            if (null === $circuit) {
                return [];
            }
            $by[$circuit->id][] = $unit->id;
            $more[$circuit->id] = ($more[$circuit->id] ?? 0.0) + $watts;
        }
        $changes = [];
        foreach ($by as $circuit => $ids) {
            $changes[] = new PlugUnits($ids, $circuit);
        }
        $names = Names::few(array_map(static fn (string $id): string => $rig->circuit($id)->name, array_keys($by)));

        return [] === $changes
            ? []
            : [new Proposal(\sprintf('Plug %s into %s', 1 === \count($units) ? $units[0]->name : 'them', $names), $changes)];
    }

    /** @return list<Proposal> */
    private static function thicker(Unit $unit): array
    {
        $tape = $unit->supply->tape;
        $mm2 = $tape?->enough();

        return null === $tape || null === $mm2 || $mm2 <= $tape->mm2 ? [] : [new Proposal(
            \sprintf('Take wire of %s mm²', Figure::short($mm2)),
            [new WireTape($unit->id, $tape->volts, $tape->wattsPerMetre, $tape->metres, $tape->wireMetres, $mm2)],
        )];
    }
}
