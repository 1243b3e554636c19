<?php

declare(strict_types=1);

namespace Rigger\Core\Colour;

/** Light of one colour that can be mixed with other light: an emitter, or a dimmed lamp. */
final readonly class Source
{
    public Uv $uv;

    /** @param float $flux luminance at full, 0 or more, relative to a white emitter of 1 */
    public function __construct(public string $key, public Chromaticity $chromaticity, public float $flux)
    {
        $this->uv = Uv::of($chromaticity);
    }

    public function isWhite(): bool
    {
        return str_contains($this->key, 'white');
    }
}
