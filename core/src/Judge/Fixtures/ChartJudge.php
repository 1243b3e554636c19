<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Fixtures;

use Rigger\Core\Finding\Finding;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Severity;

/** What is wrong in the charts that the rig's units follow, and which have a newer revision. */
final class ChartJudge
{
    /**
     * @param array<string, int> $latest number of the newest revision, by type
     *
     * @return list<Finding>
     */
    public static function findings(Rig $rig, array $latest): array
    {
        $findings = [];
        $seen = [];
        foreach ($rig->units as $unit) {
            $revision = $unit->revision();
            if (isset($seen[$unit->at->identity])) {
                continue;
            }
            $seen[$unit->at->identity] = true;
            foreach ($unit->at->faults() as $nth => $fault) {
                $findings[] = new Finding(
                    'fixtures',
                    $fault->code->value,
                    $fault->code->severity(),
                    [$unit->id],
                    ['message' => $fault->message, 'key' => (string) $nth],
                    $revision->typeId,
                );
            }
            $newest = $latest[$revision->typeId] ?? $revision->number;
            if ($newest > $revision->number && !isset($seen[$revision->typeId])) {
                $seen[$revision->typeId] = true;
                $findings[] = new Finding(
                    'fixtures',
                    'newer_revision',
                    Severity::Note,
                    [$unit->id],
                    ['newest' => $newest, 'followed' => $revision->number],
                    $revision->typeId,
                );
            }
        }

        return $findings;
    }
}
