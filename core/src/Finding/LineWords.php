<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Rig\Rig;

/** @internal */
final class LineWords
{
    public static function title(Finding $finding, Rig $rig): string
    {
        $link = $rig->link($finding->linkId ?? '');

        return match ($finding->code) {
            'not_linked' => $rig->unit($finding->units[0])->name.' hears nothing',
            'no_receiver' => \sprintf('%s sends to nobody', $link->label),
            default => \sprintf('Two senders on %s', $link->name),
        };
    }

    public static function message(Finding $finding, Rig $rig): string
    {
        $link = $rig->link($finding->linkId ?? '');

        return match ($finding->code) {
            'not_linked' => (string) LightWords::silence($rig, $rig->unit($finding->units[0])),
            'no_receiver' => \sprintf('%s sends on %s, and no receiver is set to it.', $link->label, $link->name),
            default => \sprintf(
                '%s and %s both send on %s: receivers will follow either. One sender for each name.',
                $rig->link($finding->word('first'))->label,
                $link->label,
                $link->name,
            ),
        };
    }
}
