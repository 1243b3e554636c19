<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Range;
use Rigger\Core\Profile\RangeFunction;

/** Closes a gap: the range below reaches up, the one above reaches down, or the values are said to do nothing. */
final readonly class FillGap implements ChartEdit
{
    /** @param int $at any value in the gap */
    public function __construct(private Target $target, private int $at, private GapFilling $by)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $channel = $this->target->channel($profile);
        [$below, $above] = [null, null];
        foreach ($channel->ranges as $index => $range) {
            if ($range->holds($this->at)) {
                throw InputError::because('no_gap', 'edit.at', \sprintf('%d lies in %s already.', $this->at, $range->span()));
            }
            if ($range->to < $this->at && (null === $below || $range->to > $channel->ranges[$below]->to)) {
                $below = $index;
            }
            if ($range->from > $this->at && (null === $above || $range->from < $channel->ranges[$above]->from)) {
                $above = $index;
            }
        }
        $from = null === $below ? 0 : $channel->ranges[$below]->to + 1;
        $to = null === $above ? 255 : $channel->ranges[$above]->from - 1;
        $ranges = $channel->ranges;
        $chosen = match ($this->by) {
            GapFilling::Below => $below,
            GapFilling::Above => $above,
            GapFilling::Nothing => null,
        };
        if (null === $chosen && GapFilling::Nothing !== $this->by) {
            throw InputError::because('no_neighbour', 'edit.by', 'There is no range on that side of the gap.');
        }
        if (null === $chosen) {
            $ranges[] = new Range($from, $to, 'No function', RangeFunction::None);
        } else {
            $ranges[$chosen] = $ranges[$chosen]->over(min($from, $ranges[$chosen]->from), max($to, $ranges[$chosen]->to));
        }
        usort($ranges, static fn (Range $one, Range $other): int => $one->from <=> $other->from);

        return $this->target->put($profile, $channel->withRanges($ranges));
    }
}
