<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch\Input;

use Rigger\App\Rig\NumberingWish;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class NumberRig
{
    /**
     * @param string       $goal      fresh or fewest
     * @param string       $spacing   packed, round, stride or buttons
     * @param list<string> $lockedIds units that stay whatever happens
     */
    public function __construct(
        public int $version,
        #[Assert\Choice(['fresh', 'fewest'], message: 'Say fresh or fewest.')] public string $goal,
        #[Assert\Choice(['packed', 'round', 'stride', 'buttons'], message: 'Say packed, round, stride or buttons.')] public string $spacing,
        #[Assert\Range(notInRangeMessage: 'A step is 1 to 512.', min: 1, max: 512)] public int $step = 10,
        #[Assert\Range(notInRangeMessage: 'An address is 1 to 512.', min: 1, max: 512)] public int $first = 1,
        #[Assert\Range(notInRangeMessage: 'A plan spans 1 to 64 universes.', min: 1, max: 64)] public int $universes = 1,
        public array $lockedIds = [],
    ) {
    }

    public function wish(): NumberingWish
    {
        return new NumberingWish('fewest' === $this->goal, $this->spacing, $this->step, $this->first, $this->universes, $this->lockedIds);
    }
}
