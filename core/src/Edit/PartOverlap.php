<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Range;

/**
 * Gives shared values to the range that begins later, as manuals mean it; the earlier one ends before it. A range left without values
 * goes.
 */
final readonly class PartOverlap implements ChartEdit
{
    public function __construct(private Target $target)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $channel = $this->target->channel($profile);
        $ranges = array_values(array_filter($channel->ranges, static fn (Range $range): bool => !$range->isBackwards()));
        usort($ranges, static fn (Range $one, Range $other): int => [$one->from, $one->to] <=> [$other->from, $other->to]);
        $parted = [];
        foreach ($ranges as $index => $range) {
            $next = $ranges[$index + 1] ?? null;
            $to = null === $next ? $range->to : min($range->to, $next->from - 1);
            if ($to >= $range->from) {
                $parted[] = $range->over($range->from, $to);
            }
        }

        return $this->target->put($profile, $channel->withRanges($parted));
    }
}
