<?php

declare(strict_types=1);

namespace Rigger\Core\Light;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\RangeFunction;

/** The same values without the flashing. */
final class Steady
{
    /**
     * A channel that flashes goes to the top of its own dimmer where it has one, else to the middle of its first open range, else to
     * its resting value where that does not flash, else to the lowest value that does not.
     *
     * @param list<int> $values one a channel, 0 to 255
     *
     * @return list<int>
     */
    public static function values(Mode $mode, array $values): array
    {
        $steady = $values;
        foreach ($mode->channels as $channel) {
            if (self::flashesAt($channel, $values[$channel->offset - 1] ?? 0)) {
                $steady[$channel->offset - 1] = self::value($channel);
            }
        }

        return array_values($steady);
    }

    private static function value(Channel $channel): int
    {
        $steady = $channel->first(RangeFunction::Intensity)?->full() ?? $channel->first(RangeFunction::Open)?->middle();
        if (null !== $steady) {
            return $steady;
        }
        if (!self::flashesAt($channel, $channel->default)) {
            return $channel->default;
        }
        foreach (range(0, 255) as $value) {
            if (!self::flashesAt($channel, $value)) {
                return $value;
            }
        }

        return $channel->default;
    }

    private static function flashesAt(Channel $channel, int $value): bool
    {
        return $channel->rangeAt($value)?->function->flashes() ?? false;
    }
}
