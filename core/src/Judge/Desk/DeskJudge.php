<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Desk;

use Rigger\Core\Desk\DeskFinding;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Severity;

/** What will surprise the operator at this desk: one finding for all units with the same cause. */
final class DeskJudge
{
    /** Where the desk itself is the cause, whoever the unit is. */
    private const OF_THE_DESK = ['out_of_reach', 'other_universe'];

    /** @return list<Finding> in the order in which the first of each cause hangs */
    public static function findings(Rig $rig): array
    {
        $map = $rig->map();
        $byCause = [];
        foreach ($map->findings ?? [] as $finding) {
            $byCause[$finding->code.' '.self::cause($rig, $finding)][] = $finding;
        }

        return array_values(array_map(static fn (array $findings): Finding => self::one($rig, $findings), $byCause));
    }

    private static function cause(Rig $rig, DeskFinding $finding): string
    {
        return match (true) {
            \in_array($finding->code, self::OF_THE_DESK, true) => '',
            'shared_button' === $finding->code => json_encode($finding->figures['buttons'] ?? null, \JSON_THROW_ON_ERROR),
            default => $rig->unit($finding->unit)->twinKey(),
        };
    }

    /** @param non-empty-list<DeskFinding> $findings of one cause */
    private static function one(Rig $rig, array $findings): Finding
    {
        $first = $findings[0];
        $unit = $rig->unit($first->unit);
        $desk = $rig->desk();
        $isMeant = 'spills' === $first->code && null !== $desk && ($unit->takesButtons ?? 1) >= DeskProposals::buttonsOf($desk, $unit);
        $units = [];
        foreach ($findings as $finding) {
            $with = 'shared_button' === $finding->code || 'twins' === $finding->code ? $finding->figures['with'] ?? [] : [];
            foreach ([...array_filter((array) $with, is_string(...)), $finding->unit] as $id) {
                $units[$id] = $id;
            }
        }

        return new Finding(
            'desk',
            $first->code,
            $isMeant ? Severity::Note : $first->severity,
            array_values($units),
            ['map' => $first, 'isMeant' => $isMeant],
            cause: \in_array($first->code, self::OF_THE_DESK, true) ? 'all' : null,
        );
    }
}
