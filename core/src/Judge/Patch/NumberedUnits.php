<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Patch;

use Rigger\Core\Desk\Desk;
use Rigger\Core\Patch\Place;
use Rigger\Core\Plan\PlanUnit;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/**
 * A rig's units as a plan takes them, and what stands in its way: held slots, and buttons of the desk that are shared as somebody knows.
 *
 * @internal
 */
final class NumberedUnits
{
    /** @return list<PlanUnit> the units in the order of the patch list, then what only stands in the way */
    public static function of(Rig $rig, NumberingWish $wish): array
    {
        $desk = 'buttons' === $wish->spacing && true === $rig->desk()?->layout->hasButtons() ? $rig->desk() : null;
        $staying = null === $desk ? [] : $rig->knownAtTheDesk();
        $units = [];
        foreach ($rig->units as $unit) {
            $together = $rig->together($unit);
            $head = $together->units[0];
            $stays = $unit->stays() || isset($staying[$unit->id]);
            $isFree = null !== $desk && $wish->isFewest && !$together->isLocked() && !isset($staying[$unit->id]);
            $units[] = new PlanUnit(
                $unit->id,
                $unit->at->identity,
                $unit->footprint(),
                // Who stands wrong for the desk has nothing to stay for.
                $isFree && !self::standsAtItsButton($rig, $unit) ? null : $unit->place,
                $stays,
                $head->id === $unit->id ? null : $head->id,
            );
        }
        foreach ($rig->holds as $hold) {
            if ($hold->universe <= $wish->universes) {
                $units[] = self::block($hold->id, new Place($hold->universe, $hold->span->first), $hold->span->footprint);
            }
        }

        return [...$units, ...(null === $desk ? [] : self::begun($rig, $desk, $units))];
    }

    /** Whether a unit need not move for the desk: it hangs elsewhere, or begins at a button or zone that nobody else begins in. */
    public static function standsAtItsButton(Rig $rig, Unit $unit): bool
    {
        $desk = $rig->desk();

        return null === $desk || !$desk->layout->hasButtons() || $unit->place->universe !== $desk->universe
            || $desk->startsAt($unit->place->address);
    }

    /**
     * Buttons within whose addresses somebody stays, and does not begin at their start: nobody else begins there.
     *
     * @param list<PlanUnit> $units
     *
     * @return list<PlanUnit>
     */
    private static function begun(Rig $rig, Desk $desk, array $units): array
    {
        $covered = $begun = [];
        foreach ($units as $unit) {
            if (!$unit->isLocked || null === $unit->now || $unit->now->universe !== $desk->universe) {
                continue;
            }
            for ($slot = $unit->now->address; $slot < $unit->now->address + $unit->footprint; ++$slot) {
                $covered[$slot] = true;
            }
            $button = $desk->buttonAt($unit->now->address);
            if (null !== $button && isset($rig->units[$unit->id])) {
                $begun[$desk->buttonStart($button)] = true;
            }
        }

        return array_map(
            static fn (int $start): PlanUnit => self::block('button at '.$start, new Place($desk->universe, $start), 1),
            array_keys(array_diff_key($begun, $covered)),
        );
    }

    private static function block(string $id, Place $place, int $footprint): PlanUnit
    {
        return new PlanUnit($id, 'held', $footprint, $place, true);
    }
}
