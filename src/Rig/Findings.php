<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Rig\View\FindingView;

/** Everything that is wrong with a rig, stage by stage. */
final readonly class Findings
{
    /**
     * @param array<string, int> $latest number of the newest revision, by type
     *
     * @return list<FindingView>
     */
    public function of(Snapshot $snapshot, array $latest): array
    {
        return [
            ...ChartFindings::of($snapshot, $latest),
            ...PatchFindings::of($snapshot),
            ...UnitFindings::of($snapshot),
            ...LineFindings::of($snapshot),
            ...DeskFindings::of($snapshot),
            ...LookFindings::of($snapshot),
        ];
    }
}
