<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\RangeFunction;

/** The one number that a hand needs on a fader's tape: where a dimmer is full, or a shutter open. */
final class TapeNote
{
    /** @return string|null null where pushing the fader home does what one expects */
    public static function of(Channel $channel): ?string
    {
        $dimmer = $channel->first(RangeFunction::Intensity);
        if (null !== $dimmer) {
            $full = $dimmer->full();

            return $full >= 255 ? null : 'full '.$full;
        }
        $open = $channel->first(RangeFunction::Open);

        return match (true) {
            null === $open, $open->holds(0) && $open->holds(255) => null,
            $open->to >= 255 => \sprintf('open %d+', $open->from),
            default => \sprintf('open %d–%d', max(0, $open->from), $open->to),
        };
    }
}
