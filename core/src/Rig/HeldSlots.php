<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Patch\Span;

/** Slots that belong to somebody else, the house or another desk: no plan gives them to a unit. */
final readonly class HeldSlots
{
    /** @param string $name whose they are, in the operator's words: "House lights" */
    public function __construct(public string $id, public string $name, public int $universe, public Span $span)
    {
    }

    /** @return array{int, int}|null first and last slot that a span of a universe shares with it */
    public function shared(int $universe, Span $span): ?array
    {
        return $this->universe === $universe ? $this->span->shared($span) : null;
    }
}
