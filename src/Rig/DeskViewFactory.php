<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Repository\Desks;
use Rigger\App\Rig\View\DeskView;
use Rigger\App\Rig\View\KeyNamesView;
use Rigger\App\Rig\View\PreflightView;
use Rigger\App\Rig\View\RangeView;
use Rigger\App\Rig\View\StripUseView;
use Rigger\App\Rig\View\StripView;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Desk\DeskKeys;
use Rigger\Core\Desk\Fader;
use Rigger\Core\Desk\Preflight;
use Rigger\Core\Desk\PreflightItem;
use Rigger\Core\Patch\Span;
use Rigger\Core\Profile\Range;

/** The rig's desk as the interface draws it: every fader there is, named by what it does. */
final readonly class DeskViewFactory
{
    public function of(Snapshot $snapshot): ?DeskView
    {
        $map = $snapshot->map();
        if (null === $map) {
            return null;
        }
        $desk = $map->desk;
        $uses = [];
        foreach ($map->strips as $strip) {
            $uses[$strip->fader->address] = $strip->fixtures;
        }
        $fixtures = [];
        foreach ($snapshot->fixtures as $fixture) {
            $fixtures[(string) $fixture->id()] = $fixture;
        }

        return new DeskView(
            (string) $snapshot->rig->desk()?->id(),
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
            self::starts($desk),
            $desk->reach(),
            array_map(static fn (Fader $one): StripView => self::strip($one, $uses[$one->address] ?? [], $fixtures), $desk->faders()),
            $desk->wide,
            $desk->crossfades(),
            $snapshot->rig->desk()?->isOnShelf() ?? true,
            $desk->handling->pitch,
            $desk->handling->master?->value,
            self::keys($desk->handling->keys),
            array_map($desk->handling->keys->page(...), range(1, $desk->pages)),
            Desks::words($desk),
            array_map(static fn (PreflightItem $one): PreflightView => new PreflightView($one->key, $one->title, $one->why), Preflight::of($desk)),
        );
    }

    private static function keys(DeskKeys $keys): KeyNamesView
    {
        return new KeyNamesView($keys->of('button'), $keys->of('page'), $keys->of('bank'), $keys->of('scene'), $keys->of('blackout'), $keys->of('master'), $keys->of('crossA'), $keys->of('crossB'));
    }

    /** @return list<int> */
    public static function starts(Desk $desk): array
    {
        if (!$desk->layout->hasButtons()) {
            return [];
        }

        return array_values(array_filter(array_map($desk->buttonStart(...), range(1, $desk->buttons ?? 1)), static fn (int $start): bool => $start <= Span::LAST_SLOT));
    }

    /**
     * @param list<array{id: string, channel: int, label: string}> $uses
     * @param array<string, PatchedFixture>                        $fixtures
     */
    private static function strip(Fader $fader, array $uses, array $fixtures): StripView
    {
        $first = $uses[0] ?? null;
        $profile = null === $first ? null : $fixtures[$first['id']]->revision()->profile();
        $ranges = null === $first ? [] : $fixtures[$first['id']]->mode()->channel($first['channel'])->ranges ?? [];

        return new StripView(
            $fader->button,
            $fader->page,
            $fader->number,
            $fader->address,
            $first['label'] ?? null,
            array_map(static fn (array $one): StripUseView => new StripUseView($one['id'], $fixtures[$one['id']]->name(), $one['channel'], $one['label']), $uses),
            array_map(static fn (Range $one): RangeView => RangeView::of($one, null === $one->emitter ? null : $profile?->emitter($one->emitter)), $ranges),
        );
    }
}
