<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

/** Rolls of tape that lie in a booth; all pale, since colour belongs to light. */
enum TapeColour: string
{
    case Cream = 'cream';
    case White = 'white';
    case Grey = 'grey';
    case Sand = 'sand';
    case Pink = 'pink';
    case Sage = 'sage';
    case Sky = 'sky';
}
