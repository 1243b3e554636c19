<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Patch\Place;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Rig\Refit;
use Rigger\Core\Rig\Revision;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/**
 * What setting a mode and swapping a type have in common.
 *
 * @internal
 */
final class Swap
{
    /** The chart that the unit follows, where the type is its own; else the newest one of that type. */
    public static function revision(Unit $unit, ?string $type, World $world): Revision
    {
        return null === $type || strtolower($type) === $unit->revision()->typeId ? $unit->revision() : $world->latest($type);
    }

    /**
     * @return Place|null where it has to go; null where it fits already
     *
     * @throws InputError no_room, field "mode"
     */
    public static function room(Rig $rig, Unit $unit, Mode $mode): ?Place
    {
        $room = Room::of($rig, $unit, $mode);
        if (null !== $room->trouble && null === $room->free) {
            throw InputError::because(
                'no_room',
                'mode',
                \sprintf('There is no free run of %d slots for %s.', $mode->footprint(), $unit->name),
            );
        }

        return $room->free;
    }

    public static function into(Rig $rig, Unit $unit, Revision $revision, Mode $mode, ?Place $place): Rig
    {
        $rig = Refit::becoming($rig, $unit, $revision, $mode->key);

        return null === $place ? $rig : $rig->withUnits($rig->unit($unit->id)->movedTo($place));
    }

    public static function moved(?Place $place): string
    {
        return null === $place ? '' : ' and moved it to '.$place->words();
    }
}
