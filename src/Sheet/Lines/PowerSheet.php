<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Lines;

use Rigger\App\Sheet\Draw\Flow;
use Rigger\Core\Rig\Power\BatteryPlan;
use Rigger\Core\Rig\Power\Circuit;
use Rigger\Core\Rig\Power\Draw;
use Rigger\Core\Rig\Power\TapeWiring;
use Rigger\Core\Rig\Power\Terminal;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Text\Figure;

/** Power on paper: circuits with what hangs on them, packs by socket, batteries, and the wiring of tape. */
final class PowerSheet
{
    private const CAUTION = 'Planning figures: a licensed electrician and local codes decide.';

    public static function power(Flow $flow, Rig $rig): void
    {
        if ([] === $rig->circuits) {
            $flow->paragraph('No circuit is set down.');
        }
        foreach ($rig->circuits as $circuit) {
            self::circuit($flow, $rig, $circuit);
        }
        self::packs($flow, $rig);
        self::batteries($flow, $rig);
        $flow->down(2);
        $flow->paragraph(\sprintf(
            'Mains of %s V, power factor %s. %s',
            Figure::short($rig->power->volts),
            Figure::short($rig->power->powerFactor),
            self::CAUTION,
        ));
    }

    public static function wiring(Flow $flow, Rig $rig): void
    {
        $any = false;
        foreach ($rig->units as $unit) {
            if (null !== $unit->supply->tape) {
                self::tape($flow, $unit, $unit->supply->tape);
                $any = true;
            }
        }
        if (!$any) {
            $flow->paragraph('No LED tape is set down.');
        }
        $flow->down(2);
        $flow->paragraph('The plus is common, each colour is dimmed on its minus side.');
        $flow->paragraph('The colour of a wire says nothing: trace it with a meter.');
        $flow->paragraph('Fuse at the battery, mind the polarity. '.self::CAUTION);
    }

    private static function circuit(Flow $flow, Rig $rig, Circuit $circuit): void
    {
        $load = $rig->distribution()->full($circuit);
        $brightest = $rig->distribution()->brightest($circuit);
        $flow->room(40);
        $flow->heading(\sprintf('%s, %s A', $circuit->name, Figure::short($circuit->amps)));
        $flow->paragraph(\sprintf(
            '%s. With everything up %s W, %s A of %s A that may flow for hours%s.',
            null === $circuit->fedBy ? 'A breaker' : 'Hangs on '.$rig->circuit($circuit->fedBy)->name,
            Figure::short($load->watts),
            Figure::short($load->amps),
            Figure::short($load->limitAmps),
            null === $brightest ? '' : \sprintf('; in %s %s A', $brightest[0]->name, Figure::short($brightest[1]->amps)),
        ));
        $units = $rig->distribution()->own($circuit->id);
        $flow->down(1);
        if ([] !== $units) {
            $flow->table([8, 50, 60, 26], ['', 'Unit', 'Where', 'Watts'], array_map(
                static fn (Unit $unit): array => ['☐', $unit->name, $unit->position ?? '', self::watts($unit)],
                $units,
            ));
        }
    }

    private static function packs(Flow $flow, Rig $rig): void
    {
        foreach ($rig->units as $unit) {
            $supply = $unit->supply;
            if ([] === $supply->lamps) {
                continue;
            }
            $flow->room(40);
            $flow->heading(\sprintf('Sockets of %s', $unit->name));
            $flow->table([8, 30, 70, 20, 20], ['', 'Fader', 'Lamp', 'Watts', 'Amperes'], array_map(
                static fn (int $cell, float $watts): array => [
                    '☐',
                    $unit->mode()->cellLabel($cell),
                    $unit->cellNames[$cell] ?? '',
                    Figure::short($watts),
                    Figure::short($rig->power->amps($watts)),
                ],
                array_keys($supply->lamps),
                array_values($supply->lamps),
            ));
            $flow->paragraph(implode(', ', array_filter([
                \sprintf('In all %s W, %s A', self::watts($unit), Figure::short($rig->power->amps(Draw::full($unit) ?? 0.0))),
                null === $supply->packAmps ? null : \sprintf('the pack stands %s A', Figure::short($supply->packAmps)),
                null === $supply->socketAmps ? null : \sprintf('a socket %s A', Figure::short($supply->socketAmps)),
            ], is_string(...))).'.', 8);
        }
    }

    private static function batteries(Flow $flow, Rig $rig): void
    {
        $rows = [];
        foreach ($rig->units as $unit) {
            $plan = BatteryPlan::of($rig, $unit);
            if (null !== $plan) {
                $rows[] = [
                    '☐',
                    $unit->name,
                    \sprintf(
                        '%s, %s Ah, %s V',
                        $plan->battery->chemistry->value,
                        Figure::short($plan->battery->ampHours),
                        Figure::short($plan->battery->volts),
                    ),
                    null === $plan->hours() ? 'dark' : Figure::short($plan->hours()).' h',
                    Figure::short($plan->fullHours).' h',
                ];
            }
        }
        if ([] === $rows) {
            return;
        }
        $flow->room(40);
        $flow->heading('Batteries, charged and fitted');
        $flow->table([8, 40, 56, 24, 24], ['', 'Unit', 'Battery', 'In the looks', 'At full'], $rows);
        $flow->paragraph(\sprintf(
            'To be lit for %s h, %s h with %s %% left.',
            Figure::short($rig->power->burning()),
            Figure::short($rig->power->needed()),
            Figure::short($rig->power->reserve * 100),
        ), 8);
    }

    private static function tape(Flow $flow, Unit $unit, TapeWiring $tape): void
    {
        $drop = $tape->drop();
        $flow->room(60);
        $flow->heading(\sprintf('Tape of %s', $unit->name));
        $flow->paragraph(\sprintf(
            '%s m at %s W a metre, %s V: %s A with every colour up. Wire %s m of %s mm²: %s V are lost, %s %%.',
            Figure::short($tape->metres),
            Figure::short($tape->wattsPerMetre),
            Figure::short($tape->volts),
            Figure::short($tape->amps()),
            Figure::short($tape->wireMetres),
            Figure::short($tape->mm2),
            Figure::short($drop->dropVolts),
            number_format($drop->percent, 1),
        ));
        $flow->paragraph(\sprintf(
            'Fuse at the battery or supply: %s. The wire is protected by %s A at most.',
            null === $tape->fuse() ? 'more than one blade stands, divide the tape' : Figure::short($tape->fuse()).' A',
            Figure::short($tape->wireAmps()),
        ));
        $flow->down(1);
        $flow->table([8, 46, 12, 46, 26], ['', 'Terminal of the driver', '', 'Terminal of the tape', 'Amperes'], array_map(
            static fn (Terminal $one): array => [
                '☐', $one->driver, '+' === $one->sign ? '+' : '–', $one->tape, Figure::short($one->amps),
            ],
            Terminal::of($unit),
        ));
    }

    private static function watts(Unit $unit): string
    {
        $watts = Draw::full($unit);

        return null === $watts ? 'not said' : Figure::short($watts);
    }
}
