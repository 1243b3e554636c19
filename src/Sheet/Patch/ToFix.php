<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Patch;

use Rigger\App\Rig\View\RigView;
use Rigger\App\Rig\View\UnitView;

/** What is wrong with each unit of a rig, for paper: nobody should climb to set what clashes. */
final readonly class ToFix
{
    private const STAGES = ['patch', 'lines', 'desk'];

    /** @param array<string, list<string>> $titles by unit */
    private function __construct(private array $titles)
    {
    }

    public static function of(RigView $rig): self
    {
        $titles = [];
        foreach ($rig->findings as $finding) {
            if ('error' !== $finding->severity || !\in_array($finding->stage, self::STAGES, true)) {
                continue;
            }
            $ids = $finding->unitIds;
            for ($run = 0; $run < \count($finding->unitRuns); $run += 2) {
                for ($place = $finding->unitRuns[$run]; $place <= $finding->unitRuns[$run + 1]; ++$place) {
                    $ids[] = $rig->units[$place]->id;
                }
            }
            foreach ($ids as $id) {
                $titles[$id][] = $finding->title;
            }
        }

        return new self($titles);
    }

    /** "To fix first: Pack A sits on Batten"; null where nothing is wrong. */
    public function words(UnitView $unit): ?string
    {
        return isset($this->titles[$unit->id]) ? 'To fix first: '.implode('; ', $this->titles[$unit->id]) : null;
    }

    /** @param list<UnitView> $units */
    public function count(array $units): int
    {
        return \count(array_filter($units, fn (UnitView $unit): bool => isset($this->titles[$unit->id])));
    }
}
