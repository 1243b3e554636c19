<?php

declare(strict_types=1);

namespace Rigger\Core\Light\Solve;

use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Colour\Recipe;

/** What somebody wants to see of a unit or of one of its cells, whatever its channels are. */
final readonly class Intent
{
    /**
     * @param float             $intensity 0 to 1
     * @param Chromaticity|null $colour    null: as bright as it goes, no colour promised
     * @param float             $flash     flashes a second; 0 for steady
     * @param float|null        $pan       degrees from the centre; null: left as it is
     * @param float|null        $tilt      likewise
     */
    public function __construct(
        public float $intensity,
        public ?Chromaticity $colour = null,
        public Recipe $recipe = Recipe::Brightest,
        public float $flash = 0.0,
        public ?float $pan = null,
        public ?float $tilt = null,
    ) {
    }
}
