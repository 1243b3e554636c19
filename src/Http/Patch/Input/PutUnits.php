<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch\Input;

use Rigger\Core\Position\Spot;
use Symfony\Component\Validator\Constraints as Assert;

/** Units dropped on the stage plan. */
final readonly class PutUnits
{
    /** @param list<string> $fixtureIds the first is the one that the hand held */
    public function __construct(
        public int $version,
        #[Assert\Count(min: 1, minMessage: 'Say which units to put there.')] #[Assert\All([new Assert\NotNull(message: 'A unit is named by its id.'), new Assert\Type('string', message: 'A unit is named by its id.')])] public array $fixtureIds,
        #[Assert\Range(notInRangeMessage: 'A plan reaches 200 m each way.', min: -Spot::FARTHEST, max: Spot::FARTHEST)] public float $x,
        #[Assert\Range(notInRangeMessage: 'A plan reaches 200 m each way.', min: -Spot::FARTHEST, max: Spot::FARTHEST)] public float $y,
    ) {
    }
}
