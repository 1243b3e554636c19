<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Draw;

/** One line of text. */
final readonly class Words
{
    /**
     * @param float $x       millimetres; what stands there is said by $align
     * @param float $y       millimetres to the line that the letters stand on
     * @param float $size    points
     * @param float $width   millimetres that it takes, as measured
     * @param int   $stretch width of its letters, in percent of what the typeface has
     */
    public function __construct(
        public float $x,
        public float $y,
        public string $text,
        public float $size,
        public bool $isBold,
        public Align $align,
        public float $width,
        public int $stretch = 100,
    ) {
    }
}
