<?php

declare(strict_types=1);

namespace Rigger\Core\Look;

/** A part of a picture, in shares of it from its left upper corner; it may pass the picture's edge. */
final readonly class Area
{
    /** The numbers run from 0 to 1. */
    public function __construct(public float $x, public float $y, public float $width, public float $height)
    {
    }
}
