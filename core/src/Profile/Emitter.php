<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

use Rigger\Core\Colour\Chromaticity;

/** One colour of LED, or the lamp. */
final readonly class Emitter
{
    /** Drives no channel: what shines where a mode has no emitters of its own. */
    public const LAMP = 'lamp';

    /**
     * @param float $flux    luminance at full, relative to a white emitter of 1
     * @param bool  $typical true when the figures are typical ones and not the maker's
     */
    public function __construct(
        public string $key,
        public Chromaticity $chromaticity,
        public float $flux,
        public bool $typical = false,
    ) {
    }

    /** Tungsten white, 1.00: the lamp of any fixture that names no other. */
    public static function lamp(): self
    {
        return new self(self::LAMP, Chromaticity::of(0.437, 0.404), 1.00, true);
    }
}
