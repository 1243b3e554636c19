<?php

declare(strict_types=1);

namespace Rigger\Core\Light;

/** What a whole fixture does at the values of one moment. */
final readonly class Lighting
{
    /**
     * @param list<CellLight> $cells       ascending
     * @param float|null      $pan         degrees from the centre; null when it has none or the travel is unknown
     * @param float|null      $tilt        likewise
     * @param string|null     $selfRunning label of the program that decides instead of the faders
     */
    public function __construct(
        public array $cells,
        public ?float $pan,
        public ?float $tilt,
        public ?string $selfRunning,
    ) {
    }

    public function isDark(): bool
    {
        foreach ($this->cells as $cell) {
            if (!$cell->isDark()) {
                return false;
            }
        }

        return true;
    }

    public function fastestFlash(): float
    {
        return max([0.0, ...array_map(static fn (CellLight $cell): float => $cell->flash, $this->cells)]);
    }
}
