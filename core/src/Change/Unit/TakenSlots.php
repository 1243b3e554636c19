<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Patch\Place;
use Rigger\Core\Plan\SlotMap;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Rig;

/**
 * What is taken of a rig's universes, by units and by slots that are held.
 *
 * @internal
 */
final class TakenSlots
{
    /**
     * @param int         $universes so many, as far as there are
     * @param int         $first     the lowest of them
     * @param string|null $without   id of a unit that is thought away
     */
    public static function of(Rig $rig, int $universes, int $first, ?string $without = null): SlotMap
    {
        $slots = new SlotMap(min($universes, Limits::UNIVERSES - $first + 1), $first);
        foreach ($rig->units as $unit) {
            if ($unit->id !== $without) {
                $slots->take($unit->place, $unit->footprint());
            }
        }
        foreach ($rig->holds as $hold) {
            $slots->take(new Place($hold->universe, $hold->span->first), $hold->span->footprint);
        }

        return $slots;
    }
}
