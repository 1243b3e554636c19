<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

use Rigger\Core\Severity;

/** What ProfileCheck can find. */
enum FindingCode: string
{
    case RangeGap = 'range_gap';
    case RangeOverlap = 'range_overlap';
    case RangeOutside = 'range_outside';
    case RangeBackwards = 'range_backwards';
    case ChannelMissing = 'channel_missing';
    case ChannelTwice = 'channel_twice';
    case CountDiffers = 'count_differs';
    case FineWithoutCoarse = 'fine_without_coarse';
    case FineTwice = 'fine_twice';
    case EmitterUnknown = 'emitter_unknown';
    case NoLight = 'no_light';
    case LooksPercent = 'looks_percent';
    case LooksSevenBit = 'looks_seven_bit';
    case LooksOneBased = 'looks_one_based';
    case TopIsNotFull = 'top_is_not_full';
    case ZeroIsDark = 'zero_is_dark';
    case ResetInReach = 'reset_in_reach';
    case FastFlash = 'fast_flash';
    case Unlabelled = 'unlabelled';

    public function severity(): Severity
    {
        return match ($this) {
            self::RangeOverlap, self::RangeOutside, self::RangeBackwards, self::ChannelMissing, self::ChannelTwice,
            self::CountDiffers, self::FineWithoutCoarse, self::EmitterUnknown => Severity::Error,
            self::RangeGap, self::FineTwice, self::NoLight, self::LooksPercent, self::LooksSevenBit,
            self::LooksOneBased => Severity::Warning,
            self::TopIsNotFull, self::ZeroIsDark, self::ResetInReach, self::FastFlash => Severity::Caution,
            self::Unlabelled => Severity::Note,
        };
    }

    /** A caution or a note may well be so; an error or a warning is put right. */
    public function mayBeAccepted(): bool
    {
        return \in_array(
            $this->severity(),
            [Severity::Caution, Severity::Note],
            true,
        ) || self::NoLight === $this || self::RangeGap === $this;
    }
}
