<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Desk\DeskFinding;
use Rigger\Core\Desk\DeskWords as MapWords;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** @internal */
final class DeskWords
{
    public static function title(Finding $finding, Rig $rig): string
    {
        $unit = $rig->unit($finding->units[0]);
        if (true === $finding->figures['isMeant']) {
            return \sprintf('%s takes %d buttons', $unit->name, $unit->takesButtons ?? 1);
        }

        return $unit->name.' '.match ($finding->code) {
            'not_aligned' => 'is not at a button',
            'spills' => 'spills over its button',
            'hidden' => 'has hidden channels',
            'shared_button' => 'shares a button',
            'twins' => 'is a twin',
            'out_of_reach' => 'is out of reach',
            default => 'is in another universe',
        };
    }

    public static function message(Finding $finding, Rig $rig): string
    {
        $map = self::ofMap($finding);

        return MapWords::sentence(
            $map,
            static fn (string $id): string => $rig->unit($id)->name,
        ).self::rest($map, $rig->unit($map->unit)).match ($finding->figures['stuck'] ?? null) {
            'locked' => ' It is locked where it is.',
            'no_button' => ' No free button has room for it.',
            'no_faders' => ' No free run of faders has room for it.',
            default => '',
        };
    }

    private static function ofMap(Finding $finding): DeskFinding
    {
        $map = $finding->figures['map'];

        return $map instanceof DeskFinding ? $map : throw new \LogicException('A finding of the desk carries what the map says.');
    }

    /** Where channels that no fader reaches rest, and what that means for the light. */
    private static function rest(DeskFinding $finding, Unit $unit): string
    {
        if (!\in_array($finding->code, ['hidden', 'out_of_reach'], true)) {
            return '';
        }
        $rest = $unit->at->atRest($finding->channels);

        return null === $rest ? ' They rest at 0.' : ' '.$rest->sentence($unit->name);
    }
}
