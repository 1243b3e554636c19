<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** Why a desk plan has no place for a unit. */
enum Unassigned: string
{
    case WantsNotMet = 'wants_not_met';
    case NoModeFits = 'no_mode_fits';
    case NoButtonLeft = 'no_button_left';
}
