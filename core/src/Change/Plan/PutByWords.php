<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Plan;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Refused;
use Rigger\Core\Change\World;
use Rigger\Core\Position\Spot;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** Units without a spot go to the beam or stand that their hanging position names, side by side. */
final readonly class PutByWords implements Change
{
    public function applyTo(Rig $rig, World $world): Applied
    {
        $put = 0;
        foreach ($rig->supports as $support) {
            $held = $support->held;
            $mine = array_values(array_filter(
                $rig->units,
                static fn (Unit $unit): bool => null === $unit->spot && false !== mb_stripos($unit->position ?? '', $held->name),
            ));
            foreach ($mine as $index => $unit) {
                $share = ($index + 1) / (\count($mine) + 1);
                $rig = $rig->withUnits($unit->putAt(new Spot(
                    round($held->fromX + $share * ($held->toX - $held->fromX), 2),
                    round($held->fromY + $share * ($held->toY - $held->fromY), 2),
                    $held->height,
                )));
                ++$put;
            }
        }
        if (0 === $put) {
            throw Refused::because('nothing_to_do', 'No unit without a place names one of these beams or stands as where it hangs.');
        }

        return new Applied($rig, \sprintf('Put %d unit%s where their hanging positions say', $put, 1 === $put ? '' : 's'));
    }
}
