<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** How values are written. Where several stand side by side, the first of these counts. */
enum Notation: int
{
    case Decimal = 0;
    case Hexadecimal = 1;
    case Percent = 2;
}
