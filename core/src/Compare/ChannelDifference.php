<?php

declare(strict_types=1);

namespace Rigger\Core\Compare;

use Rigger\Core\Profile\Channel;

/** One channel in two charts. */
final readonly class ChannelDifference
{
    /** @param list<string> $words what differs; none where both say the same */
    public function __construct(public int $offset, public ?Channel $before, public ?Channel $after, public array $words)
    {
    }

    public function isSame(): bool
    {
        return [] === $this->words;
    }
}
