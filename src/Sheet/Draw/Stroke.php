<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Draw;

/** A straight line. Millimetres from the upper left corner of the page. */
final readonly class Stroke
{
    public function __construct(
        public float $fromX,
        public float $fromY,
        public float $toX,
        public float $toY,
        public float $width = 0.2,
        public bool $isDashed = false,
    ) {
    }
}
