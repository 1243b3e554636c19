<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Rig\View\FindingView;
use Rigger\Core\Profile\ProfileCheck;
use Rigger\Core\Severity;

/** What is wrong in the charts that the rig's fixtures follow, and which have a newer revision. */
final class ChartFindings
{
    /**
     * @param array<string, int> $latest
     *
     * @return list<FindingView>
     */
    public static function of(Snapshot $snapshot, array $latest): array
    {
        $findings = [];
        $seen = [];
        foreach ($snapshot->fixtures as $fixture) {
            $revision = $fixture->revision();
            $typeId = (string) $revision->type->id();
            $model = $revision->type->model();
            if (isset($seen[$fixture->modeIdentity()])) {
                continue;
            }
            $seen[$fixture->modeIdentity()] = true;
            foreach (ProfileCheck::ofMode($revision->profile(), $fixture->mode()) as $finding) {
                $severity = $finding->code->severity();
                if (Severity::Error === $severity || Severity::Warning === $severity) {
                    $findings[] = new FindingView('fixtures', $finding->code->value, $severity->value, $model.', '.$fixture->mode()->name, $finding->message, [(string) $fixture->id()], $typeId);
                }
            }
            $newest = $latest[$typeId] ?? $revision->number;
            if ($newest > $revision->number && !isset($seen[$typeId])) {
                $seen[$typeId] = true;
                $findings[] = new FindingView('fixtures', 'newer_revision', Severity::Note->value, $model, \sprintf('%s has revision %d; this rig follows revision %d.', $model, $newest, $revision->number), [(string) $fixture->id()], $typeId);
            }
        }

        return $findings;
    }
}
