<?php

declare(strict_types=1);

namespace Rigger\Core\Curve;

/** How a level is bent on its way to a value. */
enum Shape: string
{
    case Linear = 'linear';
    case Square = 'square';
    case Root = 'root';
    case S = 's';
    case Table = 'table';
}
