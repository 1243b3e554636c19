<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Patch\Placed;

/** A unit at its place together with the names of its channels. */
final readonly class DeskUnit
{
    /** @param list<string> $labels one a channel, in order */
    public function __construct(public Placed $placed, public array $labels)
    {
    }

    public function addressOf(int $channel): int
    {
        return $this->placed->span->first + $channel - 1;
    }

    /** @return list<int> 1 to the number of its channels */
    public function channels(): array
    {
        return range(1, \count($this->labels));
    }
}
