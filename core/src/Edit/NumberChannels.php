<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;

/** Numbers a mode's channels 1, 2, 3, … as they stand; or leaves room where a number is missing. */
final readonly class NumberChannels implements ChartEdit
{
    private function __construct(private string $modeKey, private bool $leavesRoom)
    {
    }

    public static function closingUp(string $modeKey): self
    {
        return new self($modeKey, false);
    }

    /** A channel without a name or ranges stands in for each number that the manual skips. */
    public static function leavingRoom(string $modeKey): self
    {
        return new self($modeKey, true);
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $mode = $profile->mode($this->modeKey) ?? throw InputError::because(
            'unknown_mode',
            'edit.mode',
            'There is no such mode in this chart.',
        );

        return $profile->withMode($this->leavesRoom ? self::withRoom($mode) : self::closed($mode));
    }

    private static function withRoom(Mode $mode): Mode
    {
        $channels = $mode->channels;
        $offsets = array_map(static fn (Channel $channel): int => $channel->offset, $channels);
        foreach (array_diff(range(1, max([1, ...$offsets])), $offsets) as $missing) {
            $channels[] = new Channel($missing, '');
        }
        usort($channels, static fn (Channel $one, Channel $other): int => $one->offset <=> $other->offset);

        return $mode->withChannels($channels);
    }

    private static function closed(Mode $mode): Mode
    {
        $order = $mode->byOffset();
        $places = [];
        foreach ($order as $index => $channel) {
            $places[$channel->offset] ??= $index + 1;
        }
        $channels = [];
        foreach ($order as $index => $channel) {
            $channels[] = $channel->at($index + 1, null === $channel->fineOf ? null : ($places[$channel->fineOf] ?? $channel->fineOf));
        }

        return $mode->withChannels($channels);
    }
}
