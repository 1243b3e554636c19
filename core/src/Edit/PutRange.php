<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Range;
use Rigger\Core\Profile\RangeLine;

/**
 * A typed range takes the place of the one it was opened from, or of the first with the same values; else it joins them. They stand by
 * their lowest value then.
 */
final readonly class PutRange implements ChartEdit
{
    /**
     * @param string   $line  in the typed language of ranges
     * @param int|null $range index of the one it was opened from
     */
    public function __construct(private Target $target, private string $line, private ?int $range)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $channel = $this->target->channel($profile);
        $typed = RangeLine::parse($this->line, $profile->emitters);
        $ranges = $channel->ranges;
        $ranges[$this->place($ranges, $typed)] = $typed;
        usort($ranges, static fn (Range $one, Range $other): int => $one->from <=> $other->from);

        return $this->target->put($profile, $channel->withRanges($ranges));
    }

    /** @param list<Range> $ranges */
    private function place(array $ranges, Range $typed): int
    {
        if (null !== $this->range && isset($ranges[$this->range])) {
            return $this->range;
        }
        foreach (null === $this->range ? $ranges : [] as $index => $old) {
            if ($old->from === $typed->from && $old->to === $typed->to) {
                return $index;
            }
        }

        return \count($ranges);
    }
}
