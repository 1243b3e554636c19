<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

/** Values of a channel that no range covers, and values that two ranges claim. */
final class RangeCoverage
{
    /** @return list<ChartFinding> */
    public static function of(Mode $mode, Channel $channel): array
    {
        $findings = [];
        foreach (self::gaps($channel) as [$from, $to]) {
            $findings[] = ChartFinding::ofValues(
                FindingCode::RangeGap,
                $mode,
                $channel,
                $from,
                $to,
                \sprintf('%s says nothing about %s.', $channel->title(), $from === $to ? $from : $from.'–'.$to),
            );
        }
        foreach ($channel->ranges as $index => $range) {
            foreach (\array_slice($channel->ranges, $index + 1) as $other) {
                $from = max($range->from, $other->from);
                $to = min($range->to, $other->to);
                if ($from <= $to && !$range->isBackwards() && !$other->isBackwards()) {
                    $findings[] = ChartFinding::ofValues(
                        FindingCode::RangeOverlap,
                        $mode,
                        $channel,
                        $from,
                        $to,
                        \sprintf(
                            '%s: "%s" and "%s" both claim %s.',
                            $channel->title(),
                            $range->title(),
                            $other->title(),
                            $from === $to ? $from : $from.'–'.$to,
                        ),
                    );
                }
            }
        }

        return $findings;
    }

    /** @return list<array{int, int}> runs of values 0 to 255 that no range covers, ascending */
    public static function gaps(Channel $channel): array
    {
        $ranges = array_filter($channel->ranges, static fn (Range $range): bool => $range->isReachable());
        usort($ranges, static fn (Range $one, Range $other): int => $one->from <=> $other->from);
        $gaps = [];
        $next = 0;
        foreach ($ranges as $range) {
            if ($range->from > $next) {
                $gaps[] = [$next, $range->from - 1];
            }
            $next = max($next, $range->to + 1);
        }
        if ($next <= 255) {
            $gaps[] = [$next, 255];
        }

        return $gaps;
    }
}
