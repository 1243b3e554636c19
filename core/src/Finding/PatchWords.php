<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Patch\Span;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Text\Names;

/** @internal */
final class PatchWords
{
    public static function title(Finding $finding, Rig $rig): string
    {
        $names = Names::few(self::names($finding, $rig));
        $isMany = \count($finding->units) > 1;
        $first = $rig->together($rig->unit($finding->units[0]));

        return match ($finding->code) {
            'twins' => $names.' are twins',
            'mixed' => \sprintf('%s and %s start together in different modes', self::other($finding, $rig), $first->names()),
            'clash' => \sprintf(
                '%s %s on %s',
                $first->names(),
                1 === \count($first->units) ? 'sits' : 'sit',
                self::other($finding, $rig),
            ),
            'held' => \sprintf('%s %s in held slots', $names, $isMany ? 'listen' : 'listens'),
            'overrun' => \sprintf('%s %s past 512', $names, $isMany ? 'run' : 'runs'),
            'glows' => \sprintf('%s %s in a blackout', $names, $isMany ? 'glow' : 'glows'),
            default => \sprintf(
                '%s units are number %d',
                2 === \count($finding->units) ? 'Two' : (string) \count($finding->units),
                $finding->whole('number'),
            ),
        };
    }

    public static function message(Finding $finding, Rig $rig): string
    {
        return match ($finding->code) {
            'twins' => self::twins($finding, $rig),
            'held' => self::held($finding, $rig),
            'overrun' => self::overrun($finding, $rig),
            'glows' => self::glows(
                $rig->unit($finding->units[0]),
                $finding->whole('channel'),
                $finding->whole('value'),
                $finding->number('level'),
                \count($finding->units) > 1 ? Names::few(self::names($finding, $rig)) : null,
            ),
            'number_twice' => \sprintf(
                '%s are called by the same number: whoever hears "%d" cannot know which.',
                Names::few(self::names($finding, $rig)),
                $finding->whole('number'),
            ),
            default => self::sharing($finding, $rig),
        };
    }

    /**
     * A curve's floor that leaves light on.
     *
     * @param string|null $names of all units that share the curve; null for the unit alone
     */
    public static function glows(Unit $unit, int $channel, int $value, float $level, ?string $names = null): string
    {
        return \sprintf(
            '%s still %s in a blackout: with the fader at 0, %s gets %d, which is %s of its light.',
            $names ?? $unit->name,
            null === $names ? 'glows' : 'glow',
            $unit->mode()->channel($channel)?->title() ?? '',
            $value,
            $level < 0.01 ? 'under 1 %' : \sprintf('%d %%', round(100 * $level)),
        );
    }

    private static function twins(Finding $finding, Rig $rig): string
    {
        [$from, $to] = [$finding->whole('from'), $finding->whole('to')];

        return \sprintf(
            '%s listen to %03d–%03d in the same mode: %03d is the %s of %s, so one fader moves them together.',
            2 === \count($finding->units) ? 'Both' : 'All '.\count($finding->units),
            $from,
            $to,
            $from,
            self::channel($rig->unit($finding->units[0]), $from)->title(),
            2 === \count($finding->units) ? 'both' : 'each',
        );
    }

    private static function held(Finding $finding, Rig $rig): string
    {
        [$from, $to] = [$finding->whole('from'), $finding->whole('to')];
        $unit = $rig->unit($finding->units[0]);

        return \sprintf(
            '%s %s held for %s: what is sent there moves %s too, from its %s on.',
            Span::words($from, $to),
            $from === $to ? 'is' : 'are',
            $rig->hold($finding->word('key'))->name,
            self::names($finding, $rig)[0],
            self::channel($unit, $from)->title(),
        );
    }

    private static function sharing(Finding $finding, Rig $rig): string
    {
        [$from, $to] = [$finding->whole('from'), $finding->whole('to')];
        $b = $rig->unit($finding->units[0]);
        $a = self::others($finding, $rig)[0];

        return \sprintf(
            '%s belong%s to both. %s',
            Span::words($from, $to),
            $from === $to ? 's' : '',
            Sharing::sentence($from, $a->name, self::channel($a, $from), $b->name, self::channel($b, $from)),
        );
    }

    /**
     * Those that the first of a finding, and its twins, are in the way of.
     *
     * @return non-empty-list<Unit>
     */
    private static function others(Finding $finding, Rig $rig): array
    {
        $first = $rig->together($rig->unit($finding->units[0]));
        $others = array_filter(array_map($rig->unit(...), $finding->units), static fn (Unit $unit): bool => !$first->has($unit));

        return [] === $others ? throw new \LogicException('Nobody shares with himself alone.') : array_values($others);
    }

    private static function other(Finding $finding, Rig $rig): string
    {
        return Names::few(array_map(static fn (Unit $unit): string => $unit->name, self::others($finding, $rig)));
    }

    private static function overrun(Finding $finding, Rig $rig): string
    {
        $unit = $rig->unit($finding->units[0]);
        $lost = $unit->span()->last() - Span::LAST_SLOT;

        return \sprintf(
            '%d channels at %d end at %d, so the last %s no address. The last start for it is %d.',
            $unit->footprint(),
            $unit->place->address,
            $unit->span()->last(),
            1 === $lost ? 'channel has' : $lost.' channels have',
            Span::LAST_SLOT - $unit->footprint() + 1,
        );
    }

    private static function channel(Unit $unit, int $address): Channel
    {
        return $unit->mode()->byOffset()[$address - $unit->place->address];
    }

    /** @return list<string> */
    private static function names(Finding $finding, Rig $rig): array
    {
        return array_map(static fn (string $unit): string => $rig->unit($unit)->name, $finding->units);
    }
}
