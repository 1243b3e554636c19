<?php

declare(strict_types=1);

namespace Rigger\Core\Light;

use Rigger\Core\Colour\Chromaticity;

/** What one cell of a fixture shines. */
final readonly class CellLight
{
    /**
     * @param float             $intensity  product of dimmers and shutters, 0 to 1
     * @param Chromaticity|null $colour     null when dark or self-running
     * @param float             $brightness 0 to 1: intensity times the share of the cell's emitters that is up
     * @param float             $flash      Hz, 0 for steady or unknown
     */
    public function __construct(
        public int $cell,
        public float $intensity,
        public ?Chromaticity $colour,
        public float $brightness,
        public float $flash,
    ) {
    }

    public function isDark(): bool
    {
        return $this->brightness <= 0.0;
    }
}
