<?php

declare(strict_types=1);

namespace Rigger\Core\Judge;

use Rigger\Core\Finding\Finding;
use Rigger\Core\Judge\Desk\DeskJudge;
use Rigger\Core\Judge\Desk\DeskProposals;
use Rigger\Core\Judge\Fixtures\ChartJudge;
use Rigger\Core\Judge\Lines\LinkJudge;
use Rigger\Core\Judge\Looks\LookJudge;
use Rigger\Core\Judge\Patch\AddressJudge;
use Rigger\Core\Judge\Patch\UnitJudge;
use Rigger\Core\Rig\Rig;

/** Everything that is wrong with a rig, stage by stage. */
final class Judge
{
    /**
     * @param array<string, int> $latest number of the newest revision, by type
     *
     * @return list<Finding>
     */
    public static function findings(Rig $rig, array $latest = []): array
    {
        return array_map(static fn (Judged $one): Finding => $one->finding, self::judged($rig, $latest));
    }

    /**
     * The findings with what could be done about each.
     *
     * @param array<string, int> $latest number of the newest revision, by type
     *
     * @return list<Judged>
     */
    public static function judged(Rig $rig, array $latest = []): array
    {
        $findings = [
            ...ChartJudge::findings($rig, $latest),
            ...AddressJudge::findings($rig),
            ...UnitJudge::findings($rig),
            ...LinkJudge::findings($rig),
            ...DeskJudge::findings($rig),
            ...LookJudge::findings($rig),
        ];
        $desk = null === $rig->desk ? null : DeskProposals::of($rig);

        return array_map(static function (Finding $one) use ($rig, $desk): Judged {
            $proposals = match ($one->stage) {
                'patch' => AddressJudge::proposals($rig, $one),
                'lines' => LinkJudge::proposals($rig, $one),
                'desk' => $desk?->for($one) ?? [],
                'looks' => LookJudge::proposals($rig, $one),
                default => [],
            };
            $stuck = [] === $proposals && 'desk' === $one->stage ? $desk?->whyNone($one) : null;

            return new Judged(null === $stuck ? $one : $one->with('stuck', $stuck), $proposals);
        }, $findings);
    }
}
