<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

use Rigger\Core\Profile\Emitter;

/** An emitter's figures. */
final readonly class EmitterView
{
    /** @param float $flux luminance at full, relative to a white emitter of 1 */
    public function __construct(public string $key, public float $x, public float $y, public float $flux, public bool $typical)
    {
    }

    public static function of(Emitter $emitter): self
    {
        return new self($emitter->key, $emitter->chromaticity->x, $emitter->chromaticity->y, $emitter->flux, $emitter->typical);
    }
}
