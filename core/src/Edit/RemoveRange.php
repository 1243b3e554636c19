<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\FixtureProfile;

/** A range goes; its values mean nothing then. */
final readonly class RemoveRange implements ChartEdit
{
    /** @param int $range its index */
    public function __construct(private Target $target, private int $range)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $channel = $this->target->channel($profile);
        $ranges = $channel->ranges;
        if (!isset($ranges[$this->range])) {
            throw InputError::because('out_of_range', 'edit.range', \sprintf('The channel has %d ranges.', \count($ranges)));
        }
        unset($ranges[$this->range]);

        return $this->target->put($profile, $channel->withRanges(array_values($ranges)));
    }
}
