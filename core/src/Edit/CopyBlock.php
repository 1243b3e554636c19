<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\FixtureProfile;

/**
 * Copies a channel, or a block of channels, again and again behind the last one: cells 2, 3, … of a batten from its first.
 *
 * The number in a copied name steps with the copy ("Red 1", "Red 2", …); a block that belongs to a cell, or has numbers in all
 * its names, gives its copies the cells that follow. Fine channels of the block keep to the block's own coarse ones.
 */
final readonly class CopyBlock implements ChartEdit
{
    private const MOST = 512;

    /**
     * @param int $count  channels in the block
     * @param int $copies how often it is repeated
     */
    public function __construct(private Target $target, private int $count, private int $copies)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $mode = $this->target->mode($profile);
        $channels = $mode->byOffset();
        $block = array_values(array_filter(
            $channels,
            fn (Channel $channel): bool => $channel->offset >= $this->target->offset
                && $channel->offset < $this->target->offset + $this->count,
        ));
        if (\count($block) !== $this->count) {
            throw InputError::because(
                'out_of_range',
                'edit.count',
                \sprintf('From channel %d there are %d channels, not %d.', $this->target->offset, \count($block), $this->count),
            );
        }
        $length = \count($channels) + $this->count * $this->copies;
        if ($length > self::MOST) {
            throw InputError::because(
                'out_of_range',
                'edit.copies',
                \sprintf('That makes %d channels; a universe has %d.', $length, self::MOST),
            );
        }
        $last = max([0, ...array_map(static fn (Channel $channel): int => $channel->offset, $channels)]);
        for ($copy = 1; $copy <= $this->copies; ++$copy) {
            foreach ($block as $channel) {
                $channels[] = $this->copied($channel, $copy, $last + ($copy - 1) * $this->count);
            }
        }

        return $profile->withMode($mode->withChannels($channels, max($mode->count, $length)));
    }

    private function copied(Channel $channel, int $copy, int $before): Channel
    {
        $inBlock = static fn (int $offset, int $first): int => $before + $offset - $first + 1;
        $first = $this->target->offset;
        $isOwnCoarse = null !== $channel->fineOf && $channel->fineOf >= $first && $channel->fineOf < $first + $this->count;

        return new Channel(
            $inBlock($channel->offset, $first),
            self::stepped($channel->label, $copy),
            null === $channel->cell ? null : $channel->cell + $copy,
            $isOwnCoarse ? $inBlock((int) $channel->fineOf, $first) : $channel->fineOf,
            $channel->default,
            $channel->ranges,
        );
    }

    /** "Red 1" to "Red 2"; a name without a number gets one. */
    private static function stepped(string $label, int $by): string
    {
        return preg_replace_callback(
            '/\d+(?!.*\d)/',
            static fn (array $found): string => (string) ((int) $found[0] + $by),
            $label,
            1,
            $times,
        ) !== $label && 1 === $times
            ? (string) preg_replace_callback(
                '/\d+(?!.*\d)/',
                static fn (array $found): string => (string) ((int) $found[0] + $by),
                $label,
                1,
            )
            : trim($label).' '.($by + 1);
    }
}
