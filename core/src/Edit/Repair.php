<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\ChartFinding;
use Rigger\Core\Profile\FindingCode;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Range;
use Rigger\Core\Profile\RangeFunction;

/** What puts a finding right in one go: what the button says, and the edit that it makes. */
final readonly class Repair
{
    /** @param array<string, mixed> $edit as EditReader takes it */
    private function __construct(public string $label, public array $edit)
    {
    }

    /** @return list<self> the likeliest first; none where only the operator can know */
    public static function of(FixtureProfile $profile, ChartFinding $finding): array
    {
        $mode = $profile->mode($finding->mode);
        if (null === $mode) {
            return [];
        }
        $channel = null === $finding->channel ? null : $mode->channel($finding->channel);
        $at = ['mode' => $finding->mode, 'channel' => $finding->channel];

        return match ($finding->code) {
            FindingCode::RangeGap => null === $channel || null === $finding->from ? [] : self::gap($channel, $finding->from, $at),
            FindingCode::RangeOverlap => [new self('Let the later one begin there', ['op' => 'part-overlap', ...$at])],
            FindingCode::RangeOutside => [new self('Cut it off at 0 and 255', ['op' => 'mend', ...$at])],
            FindingCode::RangeBackwards => [new self('Turn it round', ['op' => 'mend', ...$at])],
            FindingCode::ChannelMissing => [
                new self('Leave room for it', ['op' => 'leave-room', 'mode' => $finding->mode]),
                new self('Close up', ['op' => 'close-up', 'mode' => $finding->mode]),
            ],
            FindingCode::ChannelTwice => [new self('Number them as they stand', ['op' => 'close-up', 'mode' => $finding->mode])],
            FindingCode::CountDiffers => [new self(
                \sprintf('Say it has %d', $mode->footprint()),
                ['op' => 'state-count', 'mode' => $finding->mode],
            )],
            FindingCode::FineWithoutCoarse, FindingCode::FineTwice => [new self(
                'Make it a channel of its own',
                ['op' => 'release-fine', ...$at],
            )],
            FindingCode::EmitterUnknown => [new self('List it with typical figures', ['op' => 'list-emitters'])],
            FindingCode::LooksPercent => self::scales($at, ValueScale::Percent, 'percent'),
            FindingCode::LooksSevenBit => self::scales($at, ValueScale::SevenBit, '0–127'),
            FindingCode::LooksOneBased => self::scales($at, ValueScale::OneBased, '1–256'),
            FindingCode::Unlabelled => [new self('Name it by what it does', ['op' => 'name', ...$at])],
            default => [],
        };
    }

    /**
     * @param array{mode: string, channel: int|null} $at
     *
     * @return list<self>
     */
    private static function gap(Channel $channel, int $from, array $at): array
    {
        $below = $above = null;
        foreach ($channel->ranges as $range) {
            $below = $range->to === $from - 1 ? $range : $below;
            $above = $range->from > $from && (null === $above || $range->from < $above->from) ? $range : $above;
        }
        $repairs = [];
        foreach ([[$below, 'below', 'Let "%s" reach up'], [$above, 'above', 'Let "%s" reach down']] as [$neighbour, $by, $words]) {
            if ($neighbour instanceof Range && RangeFunction::Reset !== $neighbour->function) {
                $repairs[] = new self(\sprintf($words, $neighbour->title()), ['op' => 'fill-gap', ...$at, 'at' => $from, 'by' => $by]);
            }
        }

        return [...$repairs, new self('Say it does nothing', ['op' => 'fill-gap', ...$at, 'at' => $from, 'by' => 'nothing'])];
    }

    /**
     * @param array{mode: string, channel: int|null} $at
     *
     * @return list<self>
     */
    private static function scales(array $at, ValueScale $scale, string $words): array
    {
        return [
            new self(\sprintf('Turn this channel from %s into 0–255', $words), ['op' => 'rescale', 'scale' => $scale->value, ...$at]),
            new self('The whole chart', ['op' => 'rescale', 'scale' => $scale->value]),
        ];
    }
}
