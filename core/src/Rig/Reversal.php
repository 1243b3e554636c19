<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

/** Where a head's direction is turned round. One place only: done in both, it would cancel out. */
enum Reversal: string
{
    case InUnit = 'unit';
    case InSoftware = 'software';
}
