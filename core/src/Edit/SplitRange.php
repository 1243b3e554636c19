<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Range;

/** Cuts a range in two; what it sweeps is cut at the same place. In a gap, the values up to the next range become one. */
final readonly class SplitRange implements ChartEdit
{
    /** @param int $at first value of the upper part */
    public function __construct(private Target $target, private int $at)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $channel = $this->target->channel($profile);
        $ranges = [];
        $isCut = false;
        foreach ($channel->ranges as $range) {
            if ($isCut || !$range->holds($this->at) || $range->from === $this->at) {
                $ranges[] = $range;
                continue;
            }
            array_push($ranges, ...$this->cut($range));
            $isCut = true;
        }
        if (!$isCut) {
            throw InputError::because(
                'cannot_split',
                'edit.at',
                \sprintf('No range can be cut at %d: none holds both %d and %1$d.', $this->at, $this->at - 1),
            );
        }

        return $this->target->put($profile, $channel->withRanges($ranges));
    }

    /** @return array{Range, Range} */
    private function cut(Range $range): array
    {
        $lower = $range->over($range->from, $this->at - 1);
        $upper = $range->over($this->at, $range->to);
        if (null === $range->start || null === $range->end) {
            return [$lower, $upper];
        }

        return [
            $lower->sweeping($range->start, $range->quantityAt($this->at - 1)),
            $upper->sweeping($range->quantityAt($this->at), $range->end),
        ];
    }
}
