<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Rig\Rig;

/** @internal */
final class ChartWords
{
    public static function title(Finding $finding, Rig $rig): string
    {
        $unit = $rig->unit($finding->units[0]);

        return 'newer_revision' === $finding->code ? $unit->model() : $unit->model().', '.$unit->mode()->name;
    }

    public static function message(Finding $finding, Rig $rig): string
    {
        return 'newer_revision' === $finding->code
            ? \sprintf(
                '%s has revision %d; this rig follows revision %d.',
                $rig->unit($finding->units[0])->model(),
                $finding->whole('newest'),
                $finding->whole('followed'),
            )
            : $finding->word('message');
    }
}
