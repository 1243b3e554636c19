<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Range;

/** Turns round what is turned round, and cuts off what lies outside 0 to 255, on one channel. A range wholly outside goes. */
final readonly class MendRange implements ChartEdit
{
    public function __construct(private Target $target)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $channel = $this->target->channel($profile);
        $ranges = [];
        foreach ($channel->ranges as $range) {
            $turned = $range->isBackwards() ? $range->over($range->to, $range->from)->sweeping($range->end, $range->start) : $range;
            if ($turned->isReachable()) {
                $ranges[] = $turned->over(max(0, $turned->from), min(255, $turned->to));
            }
        }
        usort($ranges, static fn (Range $one, Range $other): int => $one->from <=> $other->from);

        return $this->target->put($profile, $channel->withRanges($ranges));
    }
}
