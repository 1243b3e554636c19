<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Cable;

/** Where a cable has to go, in metres: x to the right as the audience sees it, y upstage, z up from the stage floor. */
final readonly class Point
{
    public function __construct(public string $id, public float $x, public float $y, public float $z)
    {
    }

    /** Cable follows beams and walls: along, across and up. */
    public function wayTo(self $other): float
    {
        return abs($this->x - $other->x) + abs($this->y - $other->y) + abs($this->z - $other->z);
    }
}
