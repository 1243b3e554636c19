<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;

/** Turns values typed in percent, 0-127 or 1-256 into 0-255: of one channel, or of the whole chart. Ranges that touched still touch. */
final readonly class Rescale implements ChartEdit
{
    /** @param Target|null $target null for every channel of every mode */
    public function __construct(private ValueScale $scale, private ?Target $target = null)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        if (null !== $this->target) {
            return $this->target->put($profile, $this->channel($this->target->channel($profile)));
        }

        return $profile->withModes(array_map(
            fn (Mode $mode): Mode => $mode->withChannels(array_map($this->channel(...), $mode->channels)),
            $profile->modes,
        ));
    }

    private function channel(Channel $channel): Channel
    {
        foreach ($channel->ranges as $range) {
            $least = ValueScale::OneBased === $this->scale ? 1 : 0;
            if (max($range->from, $range->to) > $this->scale->top() || min($range->from, $range->to) < $least) {
                throw InputError::because(
                    'cannot_rescale',
                    'edit.scale',
                    \sprintf(
                        '%s has %s, which lies outside %s.',
                        $channel->title(),
                        $range->span(),
                        ValueScale::OneBased === $this->scale ? '1 to 256' : '0 to '.$this->scale->top(),
                    ),
                );
            }
        }
        $ranges = [];
        $before = null;
        foreach ($channel->ranges as $range) {
            $touches = null !== $before && $before[0] + 1 === $range->from;
            $from = $touches ? $before[1] + 1 : $this->scale->first($range->from);
            $to = max($from, $this->scale->last($range->to));
            $before = [$range->to, $to];
            $ranges[] = $range->over(min(255, $from), min(255, $to));
        }

        return new Channel(
            $channel->offset,
            $channel->label,
            $channel->cell,
            $channel->fineOf,
            $this->scale->resting($channel->default),
            $ranges,
        );
    }
}
