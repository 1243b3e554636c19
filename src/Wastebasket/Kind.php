<?php

declare(strict_types=1);

namespace Rigger\App\Wastebasket;

use Rigger\Core\Desk\Desk;
use Rigger\Core\Rig\Rig;

/** What can be thrown away. */
enum Kind: string
{
    case Rig = 'rig';
    case Chart = 'chart';
    case Desk = 'desk';
    case Kit = 'kit';
}
