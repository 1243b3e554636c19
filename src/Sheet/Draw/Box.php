<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Draw;

/** A rectangle. Millimetres from the upper left corner of the page. */
final readonly class Box
{
    /**
     * @param int|null $grey what it is filled with, 0 black to 255 white; null leaves it open
     * @param float    $edge width of its line; 0 for none
     */
    public function __construct(
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public ?int $grey = null,
        public float $edge = 0.2,
    ) {
    }
}
