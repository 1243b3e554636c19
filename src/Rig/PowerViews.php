<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Rig\View\BatteryView;
use Rigger\App\Rig\View\CircuitView;
use Rigger\App\Rig\View\PowerView;
use Rigger\App\Rig\View\SocketView;
use Rigger\App\Rig\View\SupplyView;
use Rigger\App\Rig\View\TapeTerminalView;
use Rigger\App\Rig\View\TapeView;
use Rigger\Core\Input\Json;
use Rigger\Core\Rig\Power\BatteryPlan;
use Rigger\Core\Rig\Power\Circuit;
use Rigger\Core\Rig\Power\Draw;
use Rigger\Core\Rig\Power\Terminal;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** Power of a rig to what the interface shows of it. */
final class PowerViews
{
    public static function of(Rig $rig): PowerView
    {
        $power = $rig->power;

        return new PowerView(
            $power->volts,
            $power->powerFactor,
            $power->hours,
            $power->interval,
            $power->burnsThrough,
            $power->reserve,
            array_map(static fn (Circuit $circuit): CircuitView => self::circuit($rig, $circuit), array_values($rig->circuits)),
            array_values(array_map(
                static fn (Unit $unit): SupplyView => self::supply($rig, $unit),
                array_filter($rig->units, self::isSaid(...)),
            )),
        );
    }

    /** Null where nothing of it is otherwise. */
    public static function changed(Rig $before, Rig $after): ?PowerView
    {
        if (!self::canBeOtherwise($before, $after)) {
            return null;
        }
        $is = self::of($after);

        return Json::encode(self::of($before)) === Json::encode($is) ? null : $is;
    }

    /** Loads follow looks, charts and receivers, and not addresses: of most changes that is seen without reckoning. */
    private static function canBeOtherwise(Rig $before, Rig $after): bool
    {
        if ($before->power !== $after->power || $before->circuits !== $after->circuits || $before->looks !== $after->looks
            || $before->receivers !== $after->receivers || array_keys($before->units) !== array_keys($after->units)) {
            return true;
        }
        foreach ($after->units as $id => $unit) {
            $was = $before->units[$id];
            if ($was !== $unit && ($was->circuitId !== $unit->circuitId || $was->supply !== $unit->supply || $was->at !== $unit->at
                || $was->isOut !== $unit->isOut || $was->cellNames !== $unit->cellNames || $was->outputs !== $unit->outputs
                || $was->receiverId !== $unit->receiverId)) {
                return true;
            }
        }

        return false;
    }

    /** Packs always: their sockets are to be filled. */
    private static function isSaid(Unit $unit): bool
    {
        return !$unit->supply->isEmpty() || self::isPack($unit);
    }

    private static function isPack(Unit $unit): bool
    {
        return 'dimmer pack' === $unit->revision()->profile->kind || [] !== $unit->supply->lamps;
    }

    private static function circuit(Rig $rig, Circuit $circuit): CircuitView
    {
        $distribution = $rig->distribution();
        $full = $distribution->full($circuit);
        $brightest = $distribution->brightest($circuit);

        return new CircuitView(
            $circuit->id,
            $circuit->name,
            $circuit->amps,
            $circuit->fedBy,
            round($full->watts, 1),
            round($full->amps, 2),
            round($full->limitAmps, 2),
            round($full->share(), 4),
            $full->verdict(),
            null === $brightest ? null : $brightest[0]->name,
            null === $brightest ? null : round($brightest[1]->amps, 2),
        );
    }

    private static function supply(Rig $rig, Unit $unit): SupplyView
    {
        $supply = $unit->supply;
        $watts = Draw::full($unit);

        return new SupplyView(
            $unit->id,
            $watts,
            null === $watts ? null : round($rig->power->amps($watts), 2),
            $supply->watts,
            !self::isPack($unit) ? [] : array_map(static fn (int $cell): SocketView => new SocketView(
                $cell,
                $unit->cellNames[$cell] ?? $unit->mode()->cellLabel($cell),
                $supply->lamps[$cell] ?? null,
                isset($supply->lamps[$cell]) ? round($rig->power->amps($supply->lamps[$cell]), 2) : null,
            ), $unit->mode()->cells()),
            $supply->packAmps,
            $supply->socketAmps,
            self::battery($rig, $unit),
            self::tape($unit),
        );
    }

    private static function battery(Rig $rig, Unit $unit): ?BatteryView
    {
        $battery = $unit->supply->battery;
        if (null === $battery) {
            return null;
        }
        $plan = BatteryPlan::of($rig, $unit);

        return new BatteryView(
            $battery->chemistry->value,
            $battery->ampHours,
            $battery->volts,
            $battery->usable,
            $battery->hourRate,
            null === $plan ? null : round($plan->fullHours, 2),
            null === $plan?->hours() ? null : round($plan->hours(), 2),
            null === $plan ? null : round($plan->meanWatts ?? $plan->watts, 1),
            null === $plan ? null : round($plan->burning, 2),
            null === $plan ? null : round($plan->needed, 2),
            $plan?->verdict() ?? 'unknown',
        );
    }

    private static function tape(Unit $unit): ?TapeView
    {
        $tape = $unit->supply->tape;
        if (null === $tape) {
            return null;
        }
        $drop = $tape->drop();

        return new TapeView(
            $tape->volts,
            $tape->wattsPerMetre,
            $tape->metres,
            $tape->wireMetres,
            $tape->mm2,
            round($tape->watts(), 1),
            round($tape->amps(), 2),
            round($drop->dropVolts, 2),
            round($drop->percent, 1),
            $drop->verdict(),
            $tape->fuse(),
            $tape->wireAmps(),
            array_map(TapeTerminalView::of(...), Terminal::of($unit)),
        );
    }
}
