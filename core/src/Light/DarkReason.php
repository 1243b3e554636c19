<?php

declare(strict_types=1);

namespace Rigger\Core\Light;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\RangeFunction;

/** One thing that keeps a lamp dark, with its numbers and what to do about it. */
final readonly class DarkReason
{
    /**
     * @param int|null $channel offset; null when no single channel is to blame
     * @param int|null $value   where that channel stands
     */
    private function __construct(
        public ?int $channel,
        public ?int $value,
        public string $reason,
        public string $message,
    ) {
    }

    public static function dimmerDown(Channel $channel, int $value): self
    {
        return new self(
            $channel->offset,
            $value,
            'dimmer_down',
            \sprintf('%s at %d is down. %s', $channel->title(), $value, self::repair($channel)),
        );
    }

    public static function closed(Channel $channel, int $value): self
    {
        $range = $channel->rangeAt($value);

        return new self(
            $channel->offset,
            $value,
            'closed',
            \sprintf(
                '%s at %d is in %s, %s. %s',
                $channel->title(),
                $value,
                $range?->title() ?? '',
                $range?->span() ?? '',
                self::repair($channel),
            ),
        );
    }

    /** @param list<string> $emitters names of the faders that would bring a colour up */
    public static function noColour(array $emitters): self
    {
        return new self(null, null, 'no_colour', 1 === \count($emitters)
            ? \sprintf('No colour is up: raise %s.', $emitters[0])
            : \sprintf('No colour is up: raise one of %s.', implode(', ', $emitters)));
    }

    /** @return array{channel: int|null, value: int|null, reason: string, message: string} */
    public function toArray(): array
    {
        return ['channel' => $this->channel, 'value' => $this->value, 'reason' => $this->reason, 'message' => $this->message];
    }

    /** Where the channel lets light pass: open first, else the dimmer's own top. */
    private static function repair(Channel $channel): string
    {
        $dimmer = $channel->first(RangeFunction::Intensity);
        if (null !== $dimmer) {
            return \sprintf('Full is %d.', $dimmer->full());
        }
        $open = $channel->first(RangeFunction::Open);

        return match (true) {
            null === $open => 'Move it out of that range.',
            $open->to >= 255 => \sprintf('Raise it to %d or more.', $open->from),
            default => \sprintf('Set it to %s.', $open->span()),
        };
    }
}
