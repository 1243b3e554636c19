<?php

declare(strict_types=1);

namespace Rigger\Core\Position;

/** A place or a direction on the stage, in metres: x to the right as the audience sees it, y upstage, z up from the stage floor. */
final readonly class Point
{
    public function __construct(public float $x, public float $y, public float $z)
    {
    }

    public function minus(self $other): self
    {
        return new self($this->x - $other->x, $this->y - $other->y, $this->z - $other->z);
    }

    /** So far from here in a direction. */
    public function along(self $direction, float $metres): self
    {
        return new self($this->x + $metres * $direction->x, $this->y + $metres * $direction->y, $this->z + $metres * $direction->z);
    }

    public function length(): float
    {
        return hypot(hypot($this->x, $this->y), $this->z);
    }
}
