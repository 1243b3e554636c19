<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\RunState;
use Rigger\Core\Text\Names;

/** Whether units listen to the desk, lead, follow, or run by themselves. */
final readonly class RunUnits implements Change
{
    /** @param list<string> $units */
    public function __construct(
        #[Ids] public array $units,
        #[OneOf(['desk', 'leader', 'follower', 'alone'], 'Say desk, leader, follower or alone.')] public string $state,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $state = RunState::from($this->state);
        $names = [];
        foreach (array_unique($this->units) as $id) {
            $unit = $rig->unit($id);
            $names[] = $unit->name;
            $rig = $unit->runState === $state ? $rig : $rig->withUnits($unit->running($state));
        }

        return new Applied($rig, \sprintf('%s: %s', Names::few($names), match ($state) {
            RunState::Desk => 'from the desk',
            RunState::Leader => 'leader',
            RunState::Follower => 'follower',
            RunState::Alone => 'by itself',
        }));
    }
}
