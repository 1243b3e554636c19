<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\FixtureRevision;
use Rigger\App\Entity\Look;
use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Library\View\ChannelPairView;
use Rigger\App\Library\View\ComparisonView;
use Rigger\App\Rig\View\FaderChangeView;
use Rigger\App\Rig\View\LookChangeView;
use Rigger\App\Rig\View\TakePreviewView;
use Rigger\Core\Compare\ChannelDifference;
use Rigger\Core\Compare\ChartDifference;
use Rigger\Core\Desk\DeskFixture;
use Rigger\Core\Desk\DeskMap;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Patch\Placed;
use Rigger\Core\Patch\Span;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Stage\Lamp;
use Rigger\Core\Stage\StageUnit;

/** What a newer revision would change in a rig, before anybody takes it: its channels, the faders, and how the looks shine. */
final class TakePreview
{
    public static function of(Snapshot $snapshot, FixtureRevision $latest): TakePreviewView
    {
        $followers = array_values(array_filter($snapshot->fixtures, static fn (PatchedFixture $one): bool => $one->revision()->type === $latest->type && $one->revision() !== $latest));

        return new TakePreviewView(
            ($followers[0] ?? null)?->revision()->number ?? $latest->number,
            $latest->number,
            self::charts($followers, $latest),
            self::faders($snapshot, $followers, $latest),
            self::looks($snapshot, $followers, $latest),
            self::hindrance($followers, $latest),
        );
    }

    /**
     * @param list<PatchedFixture> $followers
     *
     * @return list<ComparisonView> one for each mode in use
     */
    private static function charts(array $followers, FixtureRevision $latest): array
    {
        $views = [];
        foreach ($followers as $fixture) {
            $views[$fixture->modeKey()] ??= self::comparison($fixture->mode(), $latest->profile()->mode($fixture->modeKey()));
        }

        return array_values($views);
    }

    public static function comparison(?Mode $before, ?Mode $after): ComparisonView
    {
        $channels = ChartDifference::between($before, $after);

        return new ComparisonView($before->name ?? '', $after->name ?? '', array_map(ChannelPairView::of(...), $channels), \count(array_filter($channels, static fn (ChannelDifference $one): bool => !$one->isSame())));
    }

    /**
     * @param list<PatchedFixture> $followers
     *
     * @return list<FaderChangeView>
     */
    private static function faders(Snapshot $snapshot, array $followers, FixtureRevision $latest): array
    {
        $desk = $snapshot->desk();
        if (null === $desk) {
            return [];
        }
        $after = DeskMap::of($desk, array_map(static fn (PatchedFixture $one): DeskFixture => self::onDesk($one, \in_array($one, $followers, true) ? $latest->profile()->mode($one->modeKey()) : null), $snapshot->fixtures));
        [$old, $new] = [self::names($snapshot->map()), self::names($after)];
        $moved = self::otherwise($followers, $latest);
        $changes = [];
        foreach ($desk->faders() as $fader) {
            $was = $old[$fader->address] ?? null;
            $is = $new[$fader->address] ?? null;
            if ($was !== $is || isset($moved[$fader->address])) {
                $changes[] = new FaderChangeView($fader->button, $fader->page, $fader->number, $fader->address, $was, $is);
            }
        }

        return $changes;
    }

    private static function onDesk(PatchedFixture $fixture, ?Mode $mode): DeskFixture
    {
        $mode ??= $fixture->mode();
        $placed = new Placed((string) $fixture->id(), $fixture->universe(), Span::at($fixture->span()->first, max(1, $mode->footprint())), $fixture->modeIdentity());

        return new DeskFixture($placed, $mode->labels());
    }

    /**
     * Addresses of channels that keep their name and yet do something else at the same values.
     *
     * @param list<PatchedFixture> $followers
     *
     * @return array<int, true>
     */
    private static function otherwise(array $followers, FixtureRevision $latest): array
    {
        $addresses = [];
        foreach ($followers as $fixture) {
            foreach (ChartDifference::between($fixture->mode(), $latest->profile()->mode($fixture->modeKey())) as $channel) {
                if (!$channel->isSame()) {
                    $addresses[$fixture->span()->first + $channel->offset - 1] = true;
                }
            }
        }

        return $addresses;
    }

    /** @return array<int, string> first label by address */
    private static function names(?DeskMap $map): array
    {
        $names = [];
        foreach ($map->strips ?? [] as $strip) {
            $names[$strip->fader->address] = $strip->fixtures[0]['label'] ?? '';
        }

        return $names;
    }

    /**
     * @param list<PatchedFixture> $followers
     *
     * @return list<LookChangeView>
     */
    private static function looks(Snapshot $snapshot, array $followers, FixtureRevision $latest): array
    {
        $modes = new CompiledModes();
        $changes = [];
        foreach ($snapshot->looks as $look) {
            foreach ($look->cells() as $cell) {
                $mode = \in_array($cell->fixture, $followers, true) ? $latest->profile()->mode($cell->fixture->modeKey()) : null;
                if (null === $mode) {
                    continue;
                }
                $before = self::lamp($cell->fixture, $modes->of($cell->fixture), $cell->values());
                $after = self::lamp($cell->fixture, $modes->ofRevision($latest, $mode->key), LookValues::fitted($cell->values(), $cell->fixture->mode(), $mode));
                $change = self::change($look, $cell->fixture, $before, $after);
                if ($change->before !== $change->after || $change->beforeHex !== $change->afterHex) {
                    $changes[] = $change;
                }
            }
        }

        return $changes;
    }

    /** @param list<int> $values */
    private static function lamp(PatchedFixture $fixture, ?CompiledMode $mode, array $values): ?Lamp
    {
        if (null === $mode || \count($values) !== $mode->mode->footprint()) {
            return null;
        }
        $unit = new StageUnit((string) $fixture->id(), $fixture->name(), $fixture->universe(), $fixture->span(), $mode, null);

        return Lamp::of($unit, $mode->light($values), $values);
    }

    private static function change(Look $look, PatchedFixture $fixture, ?Lamp $before, ?Lamp $after): LookChangeView
    {
        return new LookChangeView($look->name(), $fixture->name(), self::words($before), self::words($after), $before->cells[0]['hex'] ?? null, $after->cells[0]['hex'] ?? null);
    }

    private static function words(?Lamp $lamp): string
    {
        if (null === $lamp) {
            return 'cannot be computed';
        }
        if (null !== $lamp->selfRunning) {
            return 'runs '.$lamp->selfRunning;
        }
        $brightest = max([0.0, ...array_map(static fn (array $cell): float => $cell['brightness'], $lamp->cells)]);
        $fastest = max([0.0, ...array_map(static fn (array $cell): float => $cell['flash'], $lamp->cells)]);

        return 0.0 === $brightest ? 'dark' : \sprintf('%d %%%s', (int) round($brightest * 100), $fastest > 0 ? \sprintf(', flashing %s a second', round($fastest, 1)) : '');
    }

    /** @param list<PatchedFixture> $followers */
    private static function hindrance(array $followers, FixtureRevision $latest): ?string
    {
        foreach ($followers as $fixture) {
            if (null === $latest->profile()->mode($fixture->modeKey())) {
                return \sprintf('Revision %d has no mode %s, which %s is set to. Set it to another mode first.', $latest->number, $fixture->mode()->name, $fixture->name());
            }
        }

        return null;
    }
}
