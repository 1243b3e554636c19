<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Rig\View\DeskView;
use Rigger\App\Rig\View\KeyNamesView;
use Rigger\App\Rig\View\PreflightView;
use Rigger\App\Rig\View\RangeView;
use Rigger\App\Rig\View\StripUseView;
use Rigger\App\Rig\View\StripView;
use Rigger\Core\Desk\DeskKeys;
use Rigger\Core\Desk\Fader;
use Rigger\Core\Desk\Preflight;
use Rigger\Core\Desk\PreflightItem;
use Rigger\Core\Profile\Range;
use Rigger\Core\Rig\Rig;

/** The rig's desk as the interface draws it: every fader there is, named by what it does. */
final readonly class DeskViews
{
    public static function of(Rig $rig): ?DeskView
    {
        $map = $rig->map();
        $inUse = $rig->desk;
        if (null === $map || null === $inUse) {
            return null;
        }
        $desk = $map->desk;
        $uses = [];
        foreach ($map->strips as $strip) {
            $uses[$strip->fader->address] = $strip->units;
        }

        return new DeskView(
            $inUse->id,
            $desk->name,
            $desk->layout->value,
            $desk->universe,
            $desk->first,
            $desk->buttons,
            $desk->stride,
            $desk->faders,
            $desk->pages,
            $desk->banks,
            $desk->scenesPerBank,
            $desk->starts(),
            $desk->reach(),
            array_map(static fn (Fader $fader): StripView => self::strip($fader, $uses[$fader->address] ?? [], $rig), $desk->faders()),
            $desk->wide,
            $desk->crossfades(),
            $inUse->isOnShelf,
            $desk->manual->pitch,
            $desk->manual->master?->value,
            self::keys($desk->manual->keys),
            array_map($desk->manual->keys->page(...), range(1, $desk->pages)),
            $desk->words(),
            array_map(
                static fn (PreflightItem $item): PreflightView => new PreflightView($item->key, $item->title, $item->why),
                Preflight::of($desk),
            ),
        );
    }

    private static function keys(DeskKeys $keys): KeyNamesView
    {
        return new KeyNamesView(
            $keys->of('button'),
            $keys->of('page'),
            $keys->of('bank'),
            $keys->of('scene'),
            $keys->of('blackout'),
            $keys->of('master'),
            $keys->of('crossA'),
            $keys->of('crossB'),
        );
    }

    /** @param list<array{id: string, channel: int, label: string}> $uses */
    public static function strip(Fader $fader, array $uses, Rig $rig): StripView
    {
        $first = $uses[0] ?? null;
        $unit = null === $first ? null : $rig->unit($first['id']);
        $ranges = null === $first ? [] : $unit?->mode()->channel($first['channel'])->ranges ?? [];

        return new StripView(
            $fader->button,
            $fader->page,
            $fader->number,
            $fader->address,
            $first['label'] ?? null,
            array_map(
                static fn (array $use): StripUseView => new StripUseView(
                    $use['id'],
                    $rig->unit($use['id'])->name,
                    $use['channel'],
                    $use['label'],
                ),
                $uses,
            ),
            array_map(
                static fn (Range $range): RangeView => RangeView::of(
                    $range,
                    null === $range->emitter ? null : $unit?->revision()->profile->emitter($range->emitter),
                ),
                $ranges,
            ),
        );
    }
}
