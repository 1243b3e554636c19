<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Patch;

/** What of the patch is put on paper. */
enum SheetKind: string
{
    case List = 'list';
    case Squares = 'squares';
    case Labels = 'labels';
    case Cards = 'cards';
}
