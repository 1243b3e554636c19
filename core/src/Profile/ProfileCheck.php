<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

use Rigger\Core\Severity;

/** Reads a profile with a sceptic's eye: what cannot be, what is probably wrong, and what will catch someone out. */
final class ProfileCheck
{
    /** @return list<ChartFinding> by mode, channel, from, code, to; nulls before numbers */
    public static function of(FixtureProfile $profile): array
    {
        $findings = [];
        foreach ($profile->modes as $mode) {
            array_push($findings, ...self::ofMode($profile, $mode));
        }

        return $findings;
    }

    /** @return list<ChartFinding> */
    public static function ofMode(FixtureProfile $profile, Mode $mode): array
    {
        $findings = [...self::structure($mode), ...FineChannelCheck::of($mode)];
        if (!$profile->isLightless() && !$mode->canGiveLight()) {
            $findings[] = ChartFinding::ofMode(
                FindingCode::NoLight,
                $mode,
                \sprintf(
                    'Nothing in mode %s can give light: it has no dimmer, emitter, open shutter, preset, wheel or white point.',
                    $mode->name,
                ),
            );
        }
        foreach ($mode->channels as $channel) {
            array_push($findings, ...ChannelCheck::of($profile, $mode, $channel));
        }
        usort($findings, static fn (ChartFinding $one, ChartFinding $other): int => self::sortKey($one) <=> self::sortKey($other));

        return $findings;
    }

    /** Whether the mode can be used: nothing found in it is an error. */
    public static function isUsable(FixtureProfile $profile, Mode $mode): bool
    {
        foreach (self::ofMode($profile, $mode) as $finding) {
            if (Severity::Error === $finding->code->severity()) {
                return false;
            }
        }

        return true;
    }

    /** @return list<ChartFinding> */
    private static function structure(Mode $mode): array
    {
        $findings = [];
        $times = array_count_values(array_map(static fn (Channel $channel): int => $channel->offset, $mode->channels));
        for ($offset = 1, $last = [] === $times ? 0 : max(array_keys($times)); $offset <= $last; ++$offset) {
            $count = $times[$offset] ?? 0;
            if (0 === $count) {
                $findings[] = ChartFinding::ofChannel(
                    FindingCode::ChannelMissing,
                    $mode,
                    $offset,
                    \sprintf('Channel %d is missing: the chart goes on to channel %d.', $offset, $last),
                );
            } elseif ($count > 1) {
                $findings[] = ChartFinding::ofChannel(
                    FindingCode::ChannelTwice,
                    $mode,
                    $offset,
                    \sprintf('Channel %d is listed %d times.', $offset, $count),
                );
            }
        }
        $listed = \count($mode->channels);
        if ($mode->count !== $listed) {
            $findings[] = ChartFinding::ofMode(
                FindingCode::CountDiffers,
                $mode,
                \sprintf('The mode is said to have %d channels, but %d %s listed.', $mode->count, $listed, 1 === $listed ? 'is' : 'are'),
            );
        }

        return $findings;
    }

    /** @return list<int|string> */
    private static function sortKey(ChartFinding $finding): array
    {
        return [$finding->channel ?? \PHP_INT_MIN, $finding->from ?? \PHP_INT_MIN, $finding->code->value, $finding->to ?? \PHP_INT_MIN];
    }
}
