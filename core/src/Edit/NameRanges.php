<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Range;

/** Names what has no name after what it does. */
final readonly class NameRanges implements ChartEdit
{
    public function __construct(private Target $target)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $channel = $this->target->channel($profile);
        $ranges = array_map(
            static fn (Range $range): Range => '' === trim($range->label) ? $range->called($range->title()) : $range,
            $channel->ranges,
        );
        $label = '' !== trim($channel->label) ? $channel->label : $this->fromRanges($profile, $channel);

        return $this->target->put(
            $profile,
            new Channel($channel->offset, $label, $channel->cell, $channel->fineOf, $channel->default, $ranges),
        );
    }

    private function fromRanges(FixtureProfile $profile, Channel $channel): string
    {
        if ($channel->isFine()) {
            $coarse = $this->target->mode($profile)->channel((int) $channel->fineOf);

            return trim(($coarse->label ?? '').' fine');
        }
        $first = $channel->ranges[0] ?? null;

        return null === $first ? 'Channel '.$channel->offset : ucfirst(str_replace('-', ' ', $first->emitter ?? $first->function->value));
    }
}
