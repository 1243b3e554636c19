<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

use Rigger\Core\Time\FlashGuard;

/** What can be said of one channel by itself. A range that is turned round covers nothing and overlaps nothing. */
final class ChannelCheck
{
    /** @return list<ChartFinding> */
    public static function of(FixtureProfile $profile, Mode $mode, Channel $channel): array
    {
        $findings = '' === trim($channel->label)
            ? [ChartFinding::ofChannel(
                FindingCode::Unlabelled,
                $mode,
                $channel->offset,
                \sprintf('Channel %d has no name.', $channel->offset),
            )]
            : [];
        if ($channel->isFine() || [] === $channel->ranges) {
            return $findings;
        }
        array_push($findings, ...RangeCoverage::of($mode, $channel), ...self::scale($mode, $channel));
        foreach ($channel->ranges as $range) {
            foreach (self::range($profile, $channel, $range) as [$code, $message]) {
                $findings[] = ChartFinding::ofValues($code, $mode, $channel, $range->from, $range->to, $message);
            }
        }

        return $findings;
    }

    /** @return list<ChartFinding> */
    private static function scale(Mode $mode, Channel $channel): array
    {
        if ([] === $channel->ranges) {
            return [];
        }
        $low = min(array_map(static fn (Range $range): int => min($range->from, $range->to), $channel->ranges));
        $high = max(array_map(static fn (Range $range): int => max($range->from, $range->to), $channel->ranges));
        $found = [];
        if (100 === $high) {
            $found[] = [FindingCode::LooksPercent, '%s ends at 100: these look like percent, and values run to 255.'];
        }
        if (127 === $high) {
            $found[] = [FindingCode::LooksSevenBit, '%s ends at 127: these look like values counted 0–127, and values run to 255.'];
        }
        if (1 === $low && \in_array($high, [255, 256], true)) {
            $found[] = [FindingCode::LooksOneBased, '%s begins at 1: these look counted from one, and values begin at 0.'];
        }

        return array_map(
            static fn (array $row): ChartFinding => ChartFinding::ofValues(
                $row[0],
                $mode,
                $channel,
                $low,
                $high,
                \sprintf($row[1], $channel->title()),
            ),
            $found,
        );
    }

    /** @return iterable<array{FindingCode, string}> */
    private static function range(FixtureProfile $profile, Channel $channel, Range $range): iterable
    {
        $where = $channel->title();
        if ('' === trim($range->label)) {
            yield [FindingCode::Unlabelled, \sprintf('%s has no name for %s.', $where, $range->span())];
        }
        if ($range->from < 0 || $range->from > 255 || $range->to < 0 || $range->to > 255) {
            yield [FindingCode::RangeOutside, \sprintf('%s says %s, but values run from 0 to 255.', $where, $range->span())];
        }
        if ($range->isBackwards()) {
            yield [
                FindingCode::RangeBackwards,
                \sprintf('%s says %d to %d: the first value must not be above the last.', $where, $range->from, $range->to),
            ];
        }
        if (RangeFunction::Emitter === $range->function && null === $profile->emitter((string) $range->emitter)) {
            yield [
                FindingCode::EmitterUnknown,
                \sprintf('%s drives the emitter "%s", which the fixture does not list.', $where, (string) $range->emitter),
            ];
        }
        if (RangeFunction::Reset === $range->function && $range->isReachable()) {
            yield [
                FindingCode::ResetInReach,
                \sprintf('%s restarts the fixture at %s: sweeping the fader passes there.', $where, $range->span()),
            ];
        }
        $fastest = max($range->start ?? 0.0, $range->end ?? 0.0);
        if ($range->function->flashes() && $fastest > FlashGuard::CAUTION_OVER) {
            yield [
                FindingCode::FastFlash,
                \sprintf(
                    '%s flashes up to %s a second at %s; over 3 a second can trigger seizures.',
                    $where,
                    Wording::number($fastest),
                    $range->span(),
                ),
            ];
        }
        if (RangeFunction::Intensity === $range->function && null !== $above = self::aboveFull($channel, $range)) {
            yield [
                FindingCode::TopIsNotFull,
                \sprintf(
                    '%s is full at %d, not at 255: from %d it does "%s".',
                    $where,
                    $range->to,
                    max($above->from, $range->to + 1),
                    $above->title(),
                ),
            ];
        }
        if (RangeFunction::Closed === $range->function && $range === $channel->rangeAt(0) && !$channel->has(
            RangeFunction::Intensity,
            RangeFunction::Emitter,
        )) {
            yield [
                FindingCode::ZeroIsDark,
                \sprintf('%s is closed at %s, so a cleared desk leaves this fixture dark.', $where, $range->span()),
            ];
        }
    }

    /** The lowest range above a dimmer's top that is neither dimmer nor open. */
    private static function aboveFull(Channel $channel, Range $dimmer): ?Range
    {
        $found = null;
        foreach ($channel->ranges as $range) {
            $isLight = \in_array($range->function, [RangeFunction::Intensity, RangeFunction::Open], true);
            $reaches = !$dimmer->isBackwards() && $range->isReachable() && min($range->to, 255) > $dimmer->to;
            if (!$isLight && $reaches && (null === $found || $range->from < $found->from)) {
                $found = $range;
            }
        }

        return $found;
    }
}
