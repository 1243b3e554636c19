<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch\Input;

use Rigger\Core\Position\Spot;
use Symfony\Component\Validator\Constraints as Assert;

/** A unit put where somebody typed, in metres; without x and y it goes off the plan. */
final readonly class PlaceUnit
{
    public function __construct(
        public int $version,
        #[Assert\Range(notInRangeMessage: 'Type metres from the centre line, -200 to 200.', min: -Spot::FARTHEST, max: Spot::FARTHEST)] public ?float $x = null,
        #[Assert\Range(notInRangeMessage: 'Type metres from the stage edge, -200 to 200.', min: -Spot::FARTHEST, max: Spot::FARTHEST)] public ?float $y = null,
        #[Assert\Range(notInRangeMessage: 'Type metres above the floor, 0 to 60.', min: 0, max: Spot::HIGHEST)] public ?float $height = null,
    ) {
    }

    public function spot(): ?Spot
    {
        return null === $this->x || null === $this->y ? null : new Spot($this->x, $this->y, $this->height);
    }
}
