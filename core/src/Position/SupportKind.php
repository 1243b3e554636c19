<?php

declare(strict_types=1);

namespace Rigger\Core\Position;

enum SupportKind: string
{
    case Beam = 'beam';
    case Stand = 'stand';
}
