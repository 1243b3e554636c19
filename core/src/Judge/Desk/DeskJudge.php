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

        return array_map(static function (DeskFinding $one) use ($rig, $map): Finding {
            $unit = $rig->unit($one->fixture);
            $isMeant = 'spills' === $one->code && ($unit->takesButtons ?? 1) >= DeskProposals::buttonsOf($map->desk, $unit);

            return new Finding(
                'desk',
                $one->code,
                $isMeant ? Severity::Note : $one->severity,
                [$one->fixture],
                ['map' => $one, 'isMeant' => $isMeant],
            );
        }, $map->findings);
    }
}
