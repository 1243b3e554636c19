<?php

declare(strict_types=1);

namespace Rigger\Core\Curve;

/** How limits are kept: by using the fader's whole travel between them, or by holding it still beyond them. */
enum Bound: string
{
    case Scale = 'scale';
    case Clamp = 'clamp';
}
