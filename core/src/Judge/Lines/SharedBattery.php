<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Lines;

use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** A battery that feeds several units on outputs of one receiver. */
final class SharedBattery
{
    /** @return list<string> what is given up when a unit leaves its receiver; nothing where no battery there feeds several */
    public static function lostWith(Rig $rig, Unit $unit): array
    {
        $receiver = $rig->receivers[$unit->receiverId ?? ''] ?? null;
        if (null === $receiver) {
            return [];
        }
        if (null === $unit->supply->battery) {
            return $rig->distribution()->isOnBattery($unit) ? [\sprintf('It loses the battery on %s.', $receiver->label)] : [];
        }

        return \count($rig->distribution()->onBatteryOf($unit)) < 2
            ? []
            : [\sprintf('The others on %s lose its battery.', $receiver->label)];
    }
}
