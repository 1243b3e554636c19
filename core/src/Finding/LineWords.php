<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Names;

/** @internal */
final class LineWords
{
    public static function title(Finding $finding, Rig $rig): string
    {
        $link = $rig->link($finding->linkId ?? '');

        return match ($finding->code) {
            'not_linked' => self::names($finding, $rig).(1 === \count($finding->units) ? ' hears' : ' hear').' nothing',
            'no_receiver' => \sprintf('%s sends to nobody', $link->label),
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
