<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Rig\View\WalkStepView;
use Rigger\App\Rig\View\WalkView;
use Rigger\Core\Change\Refused;
use Rigger\Core\Desk\DeskMap;
use Rigger\Core\Desk\FaderWords;
use Rigger\Core\Desk\WalkStep;
use Rigger\Core\Rig\Rig;

/** A walk over the rig from its desk. */
final class Walking
{
    /** @throws Refused no_desk */
    public static function of(Rig $rig, bool $byFaders): WalkView
    {
        $walk = $rig->oneByOne() ?? throw Refused::noDesk('the walk goes over its faders');
        $faders = $byFaders ? self::faderWords($walk->map) : [];

        return new WalkView(array_map(static fn (WalkStep $step): WalkStepView => new WalkStepView(
            (object) $step->slots,
            $step->address,
            $faders[$step->address] ?? implode(' and ', array_map(static fn (string $id): string => $rig->unit($id)->name, $step->units)),
            $step->units,
        ), $byFaders ? $walk->faders() : $walk->units()));
    }

    /** @return array<int, string> by address: "Button 1, page A, fader 3: Green" */
    private static function faderWords(DeskMap $map): array
    {
        $words = [];
        foreach ($map->strips as $strip) {
            $words[$strip->fader->address] = ucfirst(FaderWords::place($map->desk, $strip->fader)).': '.$strip->units[0]['label'];
        }

        return $words;
    }
}
