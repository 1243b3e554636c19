<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

/** Whether each low byte belongs to one coarse channel. */
final class FineChannelCheck
{
    /** @return list<ChartFinding> */
    public static function of(Mode $mode): array
    {
        $findings = [];
        $taken = [];
        foreach ($mode->byOffset() as $channel) {
            if (null === $channel->fineOf) {
                continue;
            }
            $problem = self::problem($mode, $channel, $channel->fineOf);
            if (null !== $problem) {
                $findings[] = ChartFinding::ofChannel(FindingCode::FineWithoutCoarse, $mode, $channel->offset, $problem);
            } elseif (isset($taken[$channel->fineOf])) {
                $findings[] = ChartFinding::ofChannel(
                    FindingCode::FineTwice,
                    $mode,
                    $channel->offset,
                    \sprintf(
                        'Channel %d is already fine of channel %d, so %s is not needed.',
                        $taken[$channel->fineOf],
                        $channel->fineOf,
                        $channel->title(),
                    ),
                );
            } else {
                $taken[$channel->fineOf] = $channel->offset;
            }
        }

        return $findings;
    }

    private static function problem(Mode $mode, Channel $fine, int $coarse): ?string
    {
        if ($coarse === $fine->offset) {
            return \sprintf('%s is said to be fine of itself.', $fine->title());
        }
        $other = $mode->channel($coarse);

        return match (true) {
            null === $other => \sprintf('%s is said to be fine of channel %d, which is not there.', $fine->title(), $coarse),
            $other->isFine() => \sprintf('%s is said to be fine of channel %d, which is itself a fine channel.', $fine->title(), $coarse),
            default => null,
        };
    }
}
