<?php

declare(strict_types=1);

namespace Rigger\App\Wastebasket;

/** What can be thrown away. */
enum Kind: string
{
    case Rig = 'rig';
    case Chart = 'chart';
    case Desk = 'desk';
}
