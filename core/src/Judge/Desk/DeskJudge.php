<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Desk;

use Rigger\Core\Desk\DeskFinding;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Severity;

/** What will surprise the operator at this desk. */
final class DeskJudge
{
    /** @return list<Finding> */
    public static function findings(Rig $rig): array
    {
        $map = $rig->map();
        if (null === $map) {
            return [];
        }

        return array_map(static function (DeskFinding $finding) use ($rig, $map): Finding {
            $unit = $rig->unit($finding->unit);
            $isMeant = 'spills' === $finding->code && ($unit->takesButtons ?? 1) >= DeskProposals::buttonsOf($map->desk, $unit);

            return new Finding(
                'desk',
                $finding->code,
                $isMeant ? Severity::Note : $finding->severity,
                [$finding->unit],
                ['map' => $finding, 'isMeant' => $isMeant],
            );
        }, $map->findings);
    }
}
