<?php

declare(strict_types=1);

namespace Rigger\Core\Position;

/** Where a head points, in degrees from the middle of its travel. */
final readonly class PanTilt
{
    public function __construct(public float $pan, public float $tilt)
    {
    }
}
