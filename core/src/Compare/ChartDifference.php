<?php

declare(strict_types=1);

namespace Rigger\Core\Compare;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\Range;
use Rigger\Core\Profile\RangeFunction;
use Rigger\Core\Profile\RangeLine;

/** Two modes channel by channel, range by range. */
final class ChartDifference
{
    /** @return list<ChannelDifference> for each offset that either has */
    public static function between(?Mode $one, ?Mode $other): array
    {
        $rows = [];
        $last = max([
            0,
            ...array_map(static fn (Channel $channel): int => $channel->offset, [...($one->channels ?? []), ...($other->channels ?? [])]),
        ]);
        for ($offset = 1; $offset <= $last; ++$offset) {
            $before = $one?->channel($offset);
            $after = $other?->channel($offset);
            if (null !== $before || null !== $after) {
                $rows[] = new ChannelDifference($offset, $before, $after, self::words($before, $after));
            }
        }

        return $rows;
    }

    /** @return list<string> */
    private static function words(?Channel $before, ?Channel $after): array
    {
        if (null === $before || null === $after) {
            return [null === $before ? 'Only in the second: '.$after?->label : 'Only in the first: '.$before->label];
        }
        $words = [];
        if ($before->label !== $after->label) {
            $words[] = \sprintf('Called "%s" instead of "%s".', $after->label, $before->label);
        }
        if ($before->fineOf !== $after->fineOf || $before->cell !== $after->cell) {
            $words[] = null !== $after->fineOf
                ? \sprintf('Is the fine byte of channel %d.', $after->fineOf)
                : (null !== $before->fineOf ? 'Is no fine byte any more.' : 'Belongs to another cell.');
        }
        if ($before->default !== $after->default) {
            $words[] = \sprintf('Rests at %d instead of %d.', $after->default, $before->default);
        }

        return [...$words, ...self::ranges($before->isFine() ? [] : $before->ranges, $after->isFine() ? [] : $after->ranges)];
    }

    /**
     * @param list<Range> $before
     * @param list<Range> $after
     *
     * @return list<string> by value; ranges that both have are not named
     */
    public static function ranges(array $before, array $after): array
    {
        $key = static fn (Range $range): string => RangeLine::write($range);
        $lost = array_filter($before, static fn (Range $range): bool => !\in_array($key($range), array_map($key, $after), true));
        $gained = array_filter($after, static fn (Range $range): bool => !\in_array($key($range), array_map($key, $before), true));
        $words = [];
        foreach ($gained as $range) {
            $partner = self::partner($range, $lost);
            if (null === $partner) {
                $words[$range->from.'+'] = \sprintf('Gains %s %s.', $range->span(), $range->title());
                continue;
            }
            $lost = array_filter($lost, static fn (Range $range): bool => $range !== $partner);
            $words[$range->from.'='] = self::changed($partner, $range);
        }
        foreach ($lost as $range) {
            $words[$range->from.'-'] = \sprintf('Loses %s %s.', $range->span(), $range->title());
        }
        uksort($words, static fn (string $one, string $other): int => (int) $one <=> (int) $other);

        return array_values($words);
    }

    /**
     * Where what was seen disagrees with the manual: at other edges, or by doing something else. Names and quantities are not compared,
     * for an operator says "flashing" where a manual says "strobe slow to fast".
     *
     * @param list<Range> $manual
     * @param list<Range> $seen
     *
     * @return list<string>
     */
    public static function edges(array $manual, array $seen): array
    {
        $words = [];
        foreach ($seen as $range) {
            $partner = self::partner($range, $manual);
            if (null === $partner) {
                $words[] = \sprintf('%s: the light does "%s"; the manual says nothing there.', $range->span(), $range->label);
            } elseif ($partner->function !== $range->function && RangeFunction::None !== $range->function) {
                $words[] = \sprintf('%s: the light does "%s"; the manual says "%s".', $range->span(), $range->label, $partner->title());
            } elseif ([$partner->from, $partner->to] !== [$range->from, $range->to]) {
                $words[] = \sprintf('"%s" was seen at %s; the manual says %s.', $range->label, $range->span(), $partner->span());
            }
        }

        return $words;
    }

    private static function changed(Range $before, Range $after): string
    {
        $isSame = $before->function === $after->function && $before->emitter === $after->emitter && $before->slot === $after->slot;
        if ($isSame && [$before->from, $before->to] !== [$after->from, $after->to]) {
            $name = $before->title() === $after->title()
                ? $after->title()
                : \sprintf('%s instead of %s', $after->title(), $before->title());

            return \sprintf('%s: %s instead of %s.', $name, $after->span(), $before->span());
        }
        if ($isSame && [$before->start, $before->end] !== [$after->start, $after->end]) {
            return \sprintf('%s %s sweeps %s instead of %s.', $after->span(), $after->title(), self::sweep($after), self::sweep($before));
        }

        return \sprintf('%s: %s instead of %s.', $after->span(), $after->title(), $before->title());
    }

    private static function sweep(Range $range): string
    {
        $unit = $range->function->quantity()->unit();

        return null === $range->start || null === $range->end
            ? 'unknown'
            : rtrim(\sprintf('%s to %s %s', round($range->start, 3), round($range->end, 3), $unit));
    }

    /**
     * The lost range that a new one stands for: of the same function and sharing values, else just sharing most of them.
     *
     * @param array<Range> $lost
     */
    private static function partner(Range $range, array $lost): ?Range
    {
        $best = null;
        $most = 0;
        foreach ($lost as $other) {
            $shared = min($range->to, $other->to) - max($range->from, $other->from) + 1;
            $weight = $shared <= 0 ? 0 : $shared + ($range->function === $other->function ? 1000 : 0);
            if ($weight > $most) {
                [$best, $most] = [$other, $weight];
            }
        }

        return $best;
    }
}
