<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\FixtureProfile;

/**
 * Makes one range of a range and the next one above it: the lower one's words, sweeping on to the upper one's end where both sweep alike.
 */
final readonly class JoinRanges implements ChartEdit
{
    /** @param int $index of the lower range, from 0 */
    public function __construct(private Target $target, private int $index)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $channel = $this->target->channel($profile);
        $ranges = $channel->ranges;
        $lower = $ranges[$this->index] ?? null;
        $upper = $ranges[$this->index + 1] ?? null;
        if (null === $lower || null === $upper) {
            throw InputError::because('out_of_range', 'edit.range', 'There is no range above this one to join it with.');
        }
        $joined = $lower->over(min($lower->from, $upper->from), max($lower->to, $upper->to));
        if ($lower->function === $upper->function && null !== $lower->start && null !== $upper->end) {
            $joined = $joined->sweeping($lower->start, $upper->end);
        }
        array_splice($ranges, $this->index, 2, [$joined]);

        return $this->target->put($profile, $channel->withRanges($ranges));
    }
}
