<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

enum GapFilling: string
{
    case Below = 'below';
    case Above = 'above';
    case Nothing = 'nothing';
}
