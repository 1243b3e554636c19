<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Patch\Span;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** @internal */
final class PatchWords
{
    public static function title(Finding $finding, Rig $rig): string
    {
        $names = self::names($finding, $rig);

        return match ($finding->code) {
            'twins' => \sprintf('%s and %s are twins', ...$names),
            'mixed' => \sprintf('%s and %s start together in different modes', $names[1], $names[0]),
            'clash' => \sprintf('%s sits on %s', ...$names),
            'overrun' => \sprintf('%s runs past 512', $names[0]),
            'glows' => \sprintf('%s glows in a blackout', $names[0]),
            default => \sprintf('Two units are number %d', $finding->whole('number')),
        };
    }

    public static function message(Finding $finding, Rig $rig): string
    {
        return match ($finding->code) {
            'twins' => self::twins($finding, $rig),
            'overrun' => self::overrun($finding, $rig),
            'glows' => self::glows(
                $rig->unit($finding->units[0]),
                $finding->whole('channel'),
                $finding->whole('value'),
                $finding->number('level'),
            ),
            'number_twice' => \sprintf(
                '%s are called by the same number: whoever hears "%d" cannot know which.',
                implode(' and ', self::names($finding, $rig)),
                $finding->whole('number'),
            ),
            default => self::sharing($finding, $rig),
        };
    }

    /** A curve's floor that leaves light on. */
    public static function glows(Unit $unit, int $channel, int $value, float $level): string
    {
        return \sprintf(
            '%s still glows in a blackout: with its fader at 0, %s gets %d, which is %s of its light.',
            $unit->name,
            $unit->mode()->channel($channel)?->title() ?? '',
            $value,
            $level < 0.01 ? 'under 1 %' : \sprintf('%d %%', round(100 * $level)),
        );
    }

    private static function twins(Finding $finding, Rig $rig): string
    {
        [$from, $to] = [$finding->whole('from'), $finding->whole('to')];

        return \sprintf(
            'Both listen to %d–%d in the same mode: %03d is the %s of both, so one fader moves them together.',
            $from,
            $to,
            $from,
            self::channel($rig->unit($finding->units[0]), $from)->title(),
        );
    }

    private static function sharing(Finding $finding, Rig $rig): string
    {
        [$from, $to] = [$finding->whole('from'), $finding->whole('to')];
        [$b, $a] = [$rig->unit($finding->units[0]), $rig->unit($finding->units[1])];

        return \sprintf(
            '%s belong%s to both. %s',
            Wording::slots($from, $to),
            $from === $to ? 's' : '',
            Sharing::sentence($from, $a->name, self::channel($a, $from), $b->name, self::channel($b, $from)),
        );
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
