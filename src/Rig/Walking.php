<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Problem\Problem;
use Rigger\App\Rig\View\WalkStepView;
use Rigger\App\Rig\View\WalkView;
use Rigger\Core\Desk\DeskMap;
use Rigger\Core\Desk\OneByOne;
use Rigger\Core\Desk\WalkStep;

/** A walk over the rig from its desk. */
final class Walking
{
    public static function of(Snapshot $snapshot, bool $byFaders): WalkView
    {
        $map = $snapshot->map() ?? throw Problem::conflict('no_desk', 'Choose a desk first: the walk goes over its faders.');
        $modes = [];
        foreach ($snapshot->fixtures as $fixture) {
            $modes[(string) $fixture->id()] = $fixture->mode();
        }
        $walk = new OneByOne($map, $snapshot->deskFixtures(), $modes);
        $faders = $byFaders ? self::faderWords($map) : [];

        return new WalkView(array_map(static fn (WalkStep $one): WalkStepView => new WalkStepView(
            (object) $one->slots,
            $one->address,
            $faders[$one->address] ?? implode(' and ', array_map(static fn (string $id): string => $snapshot->fixture($id)->name(), $one->fixtures)),
            $one->fixtures,
        ), $byFaders ? $walk->faders() : $walk->units()));
    }

    /** @return array<int, string> by address: "Button 1, page A, fader 3: Green" */
    private static function faderWords(DeskMap $map): array
    {
        $keys = $map->desk->handling->keys;
        $words = [];
        foreach ($map->strips as $strip) {
            $place = [];
            if (null !== $strip->fader->button) {
                $place[] = $keys->of('button').' '.$strip->fader->button;
            }
            if ($map->desk->pages > 1) {
                $place[] = mb_strtolower($keys->of('page')).' '.$keys->page($strip->fader->page);
            }
            $place[] = 'fader '.$strip->fader->number;
            $words[$strip->fader->address] = ucfirst(implode(', ', $place)).': '.$strip->fixtures[0]['label'];
        }

        return $words;
    }
}
