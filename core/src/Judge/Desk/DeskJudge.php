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

    /** Of these the address is the cause. */
    private const OF_ADDRESSES = ['not_aligned', 'shared_button', 'spills', 'hidden', 'out_of_reach', 'other_universe'];

    /** Whether a finding is about addresses too: where the desk has buttons or zones, one is right only where the desk can play it. */
    public static function isOfAddresses(Finding $finding, Rig $rig): bool
    {
        return 'patch' === $finding->stage || ('desk' === $finding->stage && true === $rig->desk()?->layout->hasButtons()
            && \in_array($finding->code, self::OF_ADDRESSES, true));
    }

    /** @return list<Finding> in the order in which the first of each cause hangs */
    public static function findings(Rig $rig): array
    {
        $map = $rig->map();
        $byCause = [];
        $shared = self::sharers($map->findings ?? []);
        foreach ($map->findings ?? [] as $finding) {
            $with = array_filter((array) ($finding->figures['with'] ?? []), is_string(...));
            $others = array_filter($with, static fn (string $id): bool => !$rig->unit($id)->isOut);
            // Who is out of action answers to nothing, and who shares a button is told so once.
            if ($rig->unit($finding->unit)->isOut || ([] !== $with && [] === $others)
                || ('not_aligned' === $finding->code && isset($shared[$finding->unit]))) {
                continue;
            }
            $byCause[$finding->code.' '.self::cause($rig, $finding)][] = $finding;
        }

        return array_values(array_map(static fn (array $findings): Finding => self::one($rig, $findings), $byCause));
    }

    /**
     * @param list<DeskFinding> $findings
     *
     * @return array<string, true> by unit
     */
    private static function sharers(array $findings): array
    {
        $sharers = [];
        foreach ($findings as $finding) {
            if ('shared_button' === $finding->code) {
                $sharers[$finding->unit] = true;
                foreach ((array) ($finding->figures['with'] ?? []) as $id) {
                    $sharers[\is_string($id) ? $id : ''] = true;
                }
            }
        }

        return $sharers;
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
                if (!$rig->unit($id)->isOut) {
                    $units[$id] = $id;
                }
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
