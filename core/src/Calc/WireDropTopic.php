<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\Members;
use Rigger\Core\Power\Wire;

/** `wire.drop` {"amps","metres","mm2","volts","celsius":20} → {"dropVolts","percent","verdict"}. */
final class WireDropTopic implements Topic
{
    /** Below it the straight line of resistance would cross 0. */
    private const COLDEST = -200.0;

    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['amps', 'metres', 'mm2', 'volts', 'celsius']);
        $wire = Wire::of(
            $in->number('amps', 0),
            $in->number('metres', 0),
            $in->above('mm2', 0),
            $in->above('volts', 0),
            $in->has('celsius') ? $in->number('celsius', self::COLDEST) : 20.0,
        );

        return ['dropVolts' => $wire->dropVolts, 'percent' => $wire->percent, 'verdict' => $wire->verdict()];
    }
}
