<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Draw;

/** Where words stand in regard to their point. */
enum Align: string
{
    case Left = 'start';
    case Middle = 'middle';
    case Right = 'end';
}
