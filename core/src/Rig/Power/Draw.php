<?php

declare(strict_types=1);

namespace Rigger\Core\Rig\Power;

use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Unit;

/**
 * What a unit takes, in watts: a planning figure.
 *
 * With everything up it is what is on a pack's sockets, or the tape, or the plate, or the chart, in this order. In a look each lamp of a
 * pack takes its share by its level, and any other unit the share of its emitters that is up; what gives no light takes its full power.
 */
final class Draw
{
    /** Those that work whatever the look is. */
    private const NO_LAMP = ['hazer', 'motor', 'effect'];

    /** @return float|null null where nobody has said */
    public static function full(Unit $unit): ?float
    {
        $supply = $unit->supply;
        if ([] !== $supply->lamps) {
            return array_sum($supply->lamps);
        }

        return $supply->tape?->watts() ?? $supply->watts ?? $unit->revision()->profile->watts;
    }

    /** @return float|null null where nobody has said what it takes */
    public static function inLook(Unit $unit, Look $look): ?float
    {
        $full = self::full($unit);
        if (null === $full || \in_array($unit->revision()->profile->kind, self::NO_LAMP, true)) {
            return $full;
        }
        $levels = isset($look->values[$unit->id]) ? $unit->at->levels($look->values[$unit->id]) : [];
        if ([] !== $unit->supply->lamps) {
            $watts = 0.0;
            foreach ($unit->supply->lamps as $cell => $lamp) {
                $watts += $lamp * ($levels[$cell] ?? 0.0);
            }

            return $watts;
        }

        return [] === $levels ? 0.0 : $full * array_sum($levels) / \count($levels);
    }
}
