<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Names;

/** @internal */
final class LineWords
{
    /** Those of radio. */
    public const CODES = [
        'not_linked', 'no_receiver', 'sender_twice', 'frequencies_clash', 'house_network', 'far_away', 'receiver_idle', 'output_twice',
        'no_such_output',
    ];

    public static function title(Finding $finding, Rig $rig): string
    {
        $link = $rig->link($finding->linkId ?? '');

        return match ($finding->code) {
            'not_linked' => self::names($finding, $rig).(1 === \count($finding->units) ? ' hears' : ' hear').' nothing',
            'no_receiver' => \sprintf('%s sends to nobody', $link->label),
            'receiver_idle' => \sprintf('Nobody behind receiver %s', $finding->word('receiver')),
            'no_such_output' => \sprintf('%s has no output %d', $finding->word('receiver'), $finding->whole('output')),
            'output_twice' => \sprintf('Output %d of %s has two addresses', $finding->whole('output'), $finding->word('receiver')),
            'frequencies_clash' => \sprintf('%s and %s meet in the air', $rig->link($finding->word('first'))->label, $link->label),
            'house_network' => \sprintf('%s beside the house network', $link->label),
            'far_away' => 1 === \count($finding->units)
                ? \sprintf('%s is far from %s', self::names($finding, $rig), $link->label)
                : \sprintf('Far from %s', $link->label),
            default => \sprintf('Two senders on %s', $link->name),
        };
    }

    public static function message(Finding $finding, Rig $rig): string
    {
        $link = $rig->link($finding->linkId ?? '');

        return match ($finding->code) {
            'not_linked' => 1 === \count($finding->units)
                ? (string) LightWords::silence($rig, $rig->unit($finding->units[0]))
                : \sprintf(
                    '%s do not respond: %s sends on %s, and their receivers are not set to it.',
                    self::names($finding, $rig),
                    $link->label,
                    $link->name,
                ),
            'no_receiver' => \sprintf('%s sends on %s, and no receiver is set to it.', $link->label, $link->name),
            'receiver_idle' => \sprintf(
                '%s listens to %s, and no unit is behind it.',
                $finding->word('receiver'),
                $link->label,
            ),
            'no_such_output' => \sprintf(
                '%s is on output %d of %s, and a receiver of that kit has %d.',
                $rig->unit($finding->units[0])->name,
                $finding->whole('output'),
                $finding->word('receiver'),
                $finding->whole('has'),
            ),
            'output_twice' => \sprintf(
                '%s and %s are both on output %d of %s, and listen at %03d and %03d: an output has one address.',
                $rig->unit($finding->units[0])->name,
                $rig->unit($finding->units[1])->name,
                $finding->whole('output'),
                $finding->word('receiver'),
                $finding->whole('theirs'),
                $finding->whole('mine'),
            ),
            'frequencies_clash' => \sprintf(
                '%s sends at %s, %s at %s: where they meet, receivers of both drop out.',
                $link->label,
                $finding->word('mine'),
                $rig->link($finding->word('first'))->label,
                $finding->word('theirs'),
            ),
            'house_network' => \sprintf(
                '%s sends at %s, and the house network on channel %d fills %s: it drops out when the house is full of phones.',
                $link->label,
                $finding->word('mine'),
                $finding->whole('channel'),
                $finding->word('house'),
            ),
            'far_away' => \sprintf(
                '%s %s %s dB %s than needed over %s m, %s. Bring the aerial nearer or higher.',
                self::names($finding, $rig),
                1 === \count($finding->units) ? 'gets' : 'get as little as',
                abs($finding->number('margin')),
                $finding->number('margin') < 0 ? 'less' : 'more',
                $finding->number('metres'),
                $finding->word('place'),
            ),
            default => \sprintf(
                '%s and %s both send on %s: receivers will follow either. One sender for each name.',
                $rig->link($finding->word('first'))->label,
                $link->label,
                $link->name,
            ),
        };
    }

    private static function names(Finding $finding, Rig $rig): string
    {
        return Names::few(array_map(static fn (string $id): string => $rig->unit($id)->name, $finding->units));
    }
}
