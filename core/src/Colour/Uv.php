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

    /** Back to (x, y): x = 9u′/(6u′ − 16v′ + 12), y = 4v′/(6u′ − 16v′ + 12); what lies outside real colours is brought to their edge. */
    public function held(): Chromaticity
    {
        $divisor = 6 * $this->u - 16 * $this->v + 12;
        [$x, $y] = $divisor > 0.0 ? [9 * $this->u / $divisor, 4 * $this->v / $divisor] : [0.5, 0.5];
        $x = max(0.0, min(1.0, $x));
        $y = max(1e-3, min(1.0, $y));
        $over = max(1.0, $x + $y);

        return Chromaticity::of($x / $over, $y / $over);
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
