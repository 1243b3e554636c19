<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Light\Solve\IntentNote;

/** Why a unit does not do all that was asked, in an operator's words. */
final class IntentWords
{
    public static function sentence(IntentNote $note): string
    {
        return match ($note) {
            IntentNote::DimmedByColour => 'It has no dimmer for this: its colours are turned down instead, in coarser steps.',
            IntentNote::CannotDim => 'It cannot be dimmed: it is as bright as it goes.',
            IntentNote::FlashNotReached => 'It does not flash at this rate, or nobody knows its rates: it does what is nearest.',
            IntentNote::CannotFlash => 'It cannot flash: it stays steady.',
            IntentNote::NearestPreset => 'It cannot mix colours: this is the nearest of its own.',
            IntentNote::CannotColour => 'It has no colours: it shines as its lamp does.',
            IntentNote::OutOfTravel => 'Its travel ends before this: it points as near as it can.',
            IntentNote::CannotMove => 'It does not turn, or nobody knows how far its travel goes: it points where it points.',
        };
    }
}
