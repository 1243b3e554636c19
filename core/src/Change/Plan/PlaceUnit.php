<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Plan;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Position\Spot;
use Rigger\Core\Rig\Rig;

/** Puts a unit on the stage plan where somebody typed, as it stands there; without x and y it goes off the plan. */
final readonly class PlaceUnit implements Change
{
    public function __construct(
        public string $unit,
        #[Within(-Spot::FARTHEST, Spot::FARTHEST, 'Type metres from the centre line, -200 to 200.')] public ?float $x = null,
        #[Within(-Spot::FARTHEST, Spot::FARTHEST, 'Type metres from the stage edge, -200 to 200.')] public ?float $y = null,
        #[Within(0, Spot::HIGHEST, 'Type metres above the floor, 0 to 60.')] public ?float $height = null,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit);
        $spot = null === $this->x || null === $this->y ? null : new Spot($this->x, $this->y, $this->height);

        return new Applied(
            $rig->withUnits($unit->putAt($spot)),
            null === $spot ? \sprintf('Took %s off the plan', $unit->name) : \sprintf('Put %s %s', $unit->name, $spot->words()),
        );
    }
}
