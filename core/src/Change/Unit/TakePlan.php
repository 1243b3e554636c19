<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Proposal;
use Rigger\Core\Change\Refused;
use Rigger\Core\Change\Shape\Each;
use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Refit;
use Rigger\Core\Rig\Rig;

/** Takes over a plan that was shown: addresses of a whole rig, or modes and addresses for a desk, as one change. */
final readonly class TakePlan implements Change
{
    /**
     * @param string            $goal  fewest (put right), fresh (numbered anew) or desk
     * @param list<PlannedUnit> $units those that change
     */
    public function __construct(
        #[OneOf(['fewest', 'fresh', 'desk'], 'A plan is made for fewest, fresh or desk.')] public string $goal,
        #[Each(PlannedUnit::class)] public array $units,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $desk = $rig->desk();
        if ('desk' === $this->goal && null === $desk) {
            throw Refused::noDesk('the plan gives its buttons');
        }
        if ([] === $this->units) {
            throw Refused::because('nothing_to_do', 'Every unit stands already where this plan would put it.');
        }
        foreach ($this->units as $one) {
            $unit = $rig->unit($one->unit);
            if (null !== $one->mode && $one->mode !== $unit->mode()->key) {
                $rig = Refit::becoming($rig, $unit, $unit->revision(), UsableMode::of($unit->revision(), $one->mode)->key);
                $unit = $rig->unit($one->unit);
            }
            if (!$unit->place->equals($one->place())) {
                $rig = $rig->withUnits($unit->movedTo($one->place()));
            }
        }
        $trips = Proposal::tripsInWords(\count($this->units));

        return new Applied($rig, match ($this->goal) {
            'desk' => \sprintf('Took over a plan for %s: %s', $desk->name ?? '', $trips),
            'fewest' => 'Put the addresses right: '.$trips,
            default => 'Numbered the rig: '.$trips,
        });
    }
}
