<?php

declare(strict_types=1);

namespace Rigger\Core\Colour;

/** A colour in the CIE 1976 diagram, in which equal steps look about equally far: u′ = 4x/(−2x + 12y + 3), v′ = 9y/(−2x + 12y + 3). */
final readonly class Uv
{
    public function __construct(public float $u, public float $v)
    {
    }

    public static function of(Chromaticity $colour): self
    {
        $divisor = -2 * $colour->x + 12 * $colour->y + 3;

        return new self(4 * $colour->x / $divisor, 9 * $colour->y / $divisor);
    }

    /** Δu′v′ */
    public function distance(self $other): float
    {
        return hypot($this->u - $other->u, $this->v - $other->v);
    }

    /** The point of the way to another at this share, 0 to 1. */
    public function towards(self $other, float $share): self
    {
        return new self($this->u + $share * ($other->u - $this->u), $this->v + $share * ($other->v - $this->v));
    }
}
