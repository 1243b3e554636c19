<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

/** A channel by its mode and its place in it. */
final readonly class ChannelPlace
{
    public function __construct(public string $mode, public int $channel)
    {
    }

    public function equals(self $other): bool
    {
        return $this->mode === $other->mode && $this->channel === $other->channel;
    }

    /** @return array{mode: string, channel: int} */
    public function toArray(): array
    {
        return ['mode' => $this->mode, 'channel' => $this->channel];
    }
}
