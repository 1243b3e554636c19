<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Profile\Wording as ChartWording;
use Rigger\Core\Rig\Rig;

/** @internal */
final class LookWords
{
    public static function title(Finding $finding, Rig $rig): string
    {
        if ('missing' === $finding->code) {
            return \sprintf('%s is out of action', $rig->unit($finding->units[0])->name);
        }

        return \sprintf(
            'fast_flash' === $finding->code ? '%s flashes' : '%s has no place on the desk',
            $rig->look($finding->lookId ?? '')->name,
        );
    }

    public static function message(Finding $finding, Rig $rig): string
    {
        if ('missing' === $finding->code) {
            return \sprintf('Its light is missing in %s.', $finding->word('looks'));
        }
        $look = $rig->look($finding->lookId ?? '');
        $desk = $rig->desk();

        return 'fast_flash' === $finding->code
            ? \sprintf(
                '%s flashes %s times a second in %s. Flashing light over 3 a second can trigger seizures: put up a notice, follow '
                    .'the venue\'s policy and local rules.',
                $rig->unit($finding->word('unit'))->name,
                ChartWording::number($finding->number('hertz')),
                $look->name,
            )
            : \sprintf(
                '%s is at bank %d, scene %d; %s has %d banks of %d.',
                $look->name,
                $look->bank,
                $look->number,
                $desk->name ?? '',
                $desk->banks ?? 0,
                $desk->scenesPerBank ?? 0,
            );
    }
}
