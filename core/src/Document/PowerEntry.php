<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Rig\Power\PowerTerms;

/** The mains and the evening in a rig document; members as PowerTerms has them, each may be left out. */
final class PowerEntry
{
    /** @throws InputError */
    public static function read(mixed $item, string $path): PowerTerms
    {
        $in = Members::of($item, ['volts', 'powerFactor', 'hours', 'interval', 'burnsThrough', 'reserve'], $path);
        $usual = new PowerTerms();

        return new PowerTerms(
            $in->has('volts') ? $in->number('volts', 90, 500) : $usual->volts,
            $in->has('powerFactor') ? $in->number('powerFactor', 0.1, 1) : $usual->powerFactor,
            $in->has('hours') ? $in->number('hours', 0.05, 48) : $usual->hours,
            $in->has('interval') ? $in->number('interval', 0, 12) : $usual->interval,
            $in->has('burnsThrough') ? $in->flag('burnsThrough') : $usual->burnsThrough,
            $in->has('reserve') ? $in->number('reserve', 0, 0.9) : $usual->reserve,
        );
    }

    /** @return array<string, float|bool> */
    public static function write(PowerTerms $power): array
    {
        return [
            'volts' => $power->volts, 'powerFactor' => $power->powerFactor, 'hours' => $power->hours,
            'interval' => $power->interval, 'burnsThrough' => $power->burnsThrough, 'reserve' => $power->reserve,
        ];
    }
}
