<?php

declare(strict_types=1);

namespace Rigger\Core\Patch;

/** A unit at its place: which universe, which slots, and in which mode it listens. */
final readonly class Placed
{
    /** @param string $mode stands for the profile and its mode together: equal texts mean equal charts */
    public function __construct(
        public string $id,
        public int $universe,
        public Span $span,
        public string $mode,
    ) {
    }

    /** Twins start together in the same mode: on purpose or not, they move as one. */
    public function isTwinOf(self $other): bool
    {
        return $this->universe === $other->universe && $this->span->first === $other->span->first && $this->mode === $other->mode;
    }
}
