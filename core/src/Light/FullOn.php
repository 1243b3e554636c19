<?php

declare(strict_types=1);

namespace Rigger\Core\Light;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\Range;
use Rigger\Core\Profile\RangeFunction;

/**
 * The values at which a unit is as bright as it goes: dimmers at their own tops, shutters open, every emitter up, heads in the
 * middle of their travel, and no program, reset, sound or flash entered.
 */
final class FullOn
{
    private const AVOIDED = [
        RangeFunction::Program, RangeFunction::Sound, RangeFunction::Reset, RangeFunction::ColourPreset, RangeFunction::WheelSpin,
        RangeFunction::Closed, RangeFunction::Strobe, RangeFunction::Pulse, RangeFunction::RandomStrobe,
    ];

    /** @return list<int> one a channel, by offset */
    public static function values(Mode $mode): array
    {
        $hasEmitters = $mode->has(RangeFunction::Emitter);

        return array_map(static function (Channel $channel) use ($mode, $hasEmitters): int {
            if ($channel->isFine()) {
                return $mode->channel((int) $channel->fineOf)?->has(RangeFunction::Intensity, RangeFunction::Emitter) ?? false
                    ? 255
                    : $channel->default;
            }

            return self::value($channel, $hasEmitters);
        }, $mode->byOffset());
    }

    private static function value(Channel $channel, bool $hasEmitters): int
    {
        $full = $channel->first(RangeFunction::Intensity) ?? $channel->first(RangeFunction::Emitter);
        if (null !== $full) {
            return self::bounded($full->full());
        }
        $moved = $channel->first(RangeFunction::Pan) ?? $channel->first(RangeFunction::Tilt);
        $passing = $moved ?? $channel->first(RangeFunction::Open) ?? self::white($channel);
        // Without emitters a built-in colour is all the colour there is.
        $passing ??= $hasEmitters ? null : $channel->first(RangeFunction::ColourPreset);
        if (null !== $passing) {
            return self::bounded($passing->middle());
        }

        return self::resting($channel);
    }

    private static function resting(Channel $channel): int
    {
        $none = $channel->first(RangeFunction::None);
        if ($channel->has(...self::AVOIDED) && null !== $none) {
            return self::bounded($none->middle());
        }
        foreach ([$channel->default, ...range(0, 255)] as $value) {
            if (!\in_array($channel->rangeAt($value)?->function, self::AVOIDED, true)) {
                return $value;
            }
        }

        return $channel->default;
    }

    private static function white(Channel $channel): ?Range
    {
        $slots = array_values(array_filter($channel->ranges, static fn (Range $range): bool => RangeFunction::Wheel === $range->function));
        foreach ($slots as $slot) {
            if (null === $slot->hex || '#ffffff' === $slot->hex) {
                return $slot;
            }
        }

        return $slots[0] ?? null;
    }

    private static function bounded(int $value): int
    {
        return max(0, min(255, $value));
    }
}
