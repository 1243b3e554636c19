<?php

declare(strict_types=1);

namespace Rigger\Core\Light\Solve;

/** Why what was asked of a unit is not all there, or in what other way it is done. */
enum IntentNote: string
{
    /** There is no dimmer: the emitters' levels are lower instead. */
    case DimmedByColour = 'dimmed_by_colour';
    case CannotDim = 'cannot_dim';
    case FlashNotReached = 'flash_not_reached';
    case CannotFlash = 'cannot_flash';
    case NearestPreset = 'nearest_preset';
    case CannotColour = 'cannot_colour';
    case OutOfTravel = 'out_of_travel';
    case CannotMove = 'cannot_move';
}
