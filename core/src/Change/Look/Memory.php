<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Look;

use Rigger\Core\Input\InputError;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Rig;

/**
 * The desk's memory: which places are free, and what is stored of faders.
 *
 * @internal
 */
final class Memory
{
    /** @throws InputError out_of_range, taken; fields "bank" and "number" */
    public static function requireFree(Rig $rig, int $bank, int $number, ?Look $but): void
    {
        $desk = $rig->desk();
        if (null !== $desk?->banks && $bank > $desk->banks) {
            throw InputError::because(
                'out_of_range',
                'bank',
                \sprintf('%s has %d banks, so there is no bank %d.', $desk->name, $desk->banks, $bank),
            );
        }
        if (null !== $desk?->scenesPerBank && $number > $desk->scenesPerBank) {
            throw InputError::because(
                'out_of_range',
                'number',
                \sprintf('A bank of %s has %d scenes, so there is no scene %d.', $desk->name, $desk->scenesPerBank, $number),
            );
        }
        foreach ($rig->looks as $look) {
            if ($look->id !== $but?->id && $look->bank === $bank && $look->number === $number) {
                throw InputError::because('taken', 'number', \sprintf('Bank %d, scene %d holds %s already.', $bank, $number, $look->name));
            }
        }
    }

    /** @throws InputError out_of_range, field "name" */
    public static function requireRoom(Rig $rig): void
    {
        if (\count($rig->looks) >= Limits::LOOKS) {
            throw InputError::because('out_of_range', 'name', \sprintf('A rig holds at most %d looks.', Limits::LOOKS));
        }
    }

    /**
     * Only units that the desk's universe reaches are recorded: the others are left alone.
     *
     * @param array<int, int> $slots value by address
     *
     * @return array<string, list<int>> one value a channel, by unit
     */
    public static function values(Rig $rig, array $slots): array
    {
        $values = [];
        foreach ($rig->units as $unit) {
            if ($unit->place->universe === $rig->universe()) {
                for ($slot = $unit->place->address; $slot <= $unit->span()->last(); ++$slot) {
                    $values[$unit->id][] = $slots[$slot] ?? 0;
                }
            }
        }

        return $values;
    }
}
