<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Range;
use Rigger\Core\Profile\RangeFunction;

/** The one number that a hand needs on a fader's tape: where a dimmer is full, or a shutter open. */
final class TapeNote
{
    /** @return string|null null where pushing the fader home does what one expects */
    public static function of(Channel $channel): ?string
    {
        $dimmer = self::first($channel, RangeFunction::Intensity);
        if (null !== $dimmer) {
            $full = ($dimmer->end ?? 1.0) >= ($dimmer->start ?? 0.0) ? $dimmer->to : $dimmer->from;

            return $full >= 255 ? null : 'full '.$full;
        }
        $open = self::first($channel, RangeFunction::Open);

        return match (true) {
            null === $open, $open->holds(0) && $open->holds(255) => null,
            $open->to >= 255 => \sprintf('open %d+', $open->from),
            default => \sprintf('open %d–%d', max(0, $open->from), $open->to),
        };
    }

    private static function first(Channel $channel, RangeFunction $function): ?Range
    {
        foreach ($channel->isFine() ? [] : $channel->ranges as $range) {
            if ($range->function === $function && $range->isReachable()) {
                return $range;
            }
        }

        return null;
    }
}
