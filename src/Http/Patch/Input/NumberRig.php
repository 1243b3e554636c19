<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch\Input;

use Rigger\Core\Judge\Patch\NumberingWish;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class NumberRig
{
    /**
     * @param string $goal    fresh or fewest
     * @param string $spacing packed, round, stride, buttons or blocks
     * @param int    $spare   slots left free after each block of a type
     */
    public function __construct(
        #[Assert\Choice(['fresh', 'fewest'], message: 'Say fresh or fewest.')] public string $goal,
        #[Assert\Choice(
            ['packed', 'round', 'stride', 'buttons', 'blocks'],
            message: 'Say packed, round, stride, buttons or blocks.',
        )] public string $spacing,
        #[Assert\Range(notInRangeMessage: 'A step is 1 to 512.', min: 1, max: 512)] public int $step = 10,
        #[Assert\Range(notInRangeMessage: 'An address is 1 to 512.', min: 1, max: 512)] public int $first = 1,
        #[Assert\Range(notInRangeMessage: 'A plan spans 1 to 64 universes.', min: 1, max: 64)] public int $universes = 1,
        #[Assert\Range(notInRangeMessage: 'Spare room is 0 to 256 slots.', min: 0, max: 256)] public int $spare = 10,
    ) {
    }

    public function wish(): NumberingWish
    {
        return new NumberingWish('fewest' === $this->goal, $this->spacing, $this->step, $this->first, $this->universes, $this->spare);
    }
}
