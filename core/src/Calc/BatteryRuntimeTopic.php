<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\Members;
use Rigger\Core\Power\Battery;
use Rigger\Core\Power\Chemistry;

/** `battery.runtime` {"chemistry","ampHours","hourRate":20,"volts","watts","usable"} → {"amps","hours"}. */
final class BatteryRuntimeTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['chemistry', 'ampHours', 'hourRate', 'volts', 'watts', 'usable']);
        $chemistry = Chemistry::from($in->choice('chemistry', array_column(Chemistry::cases(), 'value')));
        $ampHours = $in->above('ampHours', 0);
        $hourRate = $in->has('hourRate') ? $in->above('hourRate', 0) : 20.0;
        $volts = $in->above('volts', 0);
        $watts = $in->above('watts', 0);
        $battery = new Battery($chemistry, $ampHours, $volts, $in->number('usable', 0, 1), $hourRate);

        return ['amps' => $battery->amps($watts), 'hours' => $battery->hours($watts)];
    }
}
