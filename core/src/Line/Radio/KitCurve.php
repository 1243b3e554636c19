<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio;

/** The dimming curve that a receiver takes when its output's button is pressed while the fader stands between two values. */
final readonly class KitCurve
{
    public function __construct(public int $from, public int $to, public string $curve)
    {
    }
}
