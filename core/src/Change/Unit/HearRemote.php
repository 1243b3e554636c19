<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Names;

/** Whether units listen to a hand remote. */
final readonly class HearRemote implements Change
{
    /** @param list<string> $units */
    public function __construct(#[Ids] public array $units, public bool $hears)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $names = [];
        foreach (array_unique($this->units) as $id) {
            $unit = $rig->unit($id);
            $names[] = $unit->name;
            $rig = $unit->hearsRemote === $this->hears ? $rig : $rig->withUnits($unit->hearingRemote($this->hears));
        }
        $verb = 1 === \count($names) ? 'listens' : 'listen';

        return new Applied($rig, \sprintf('%s %s to the hand remote%s', Names::few($names), $verb, $this->hears ? '' : ' no more'));
    }
}
