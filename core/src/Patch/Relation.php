<?php

declare(strict_types=1);

namespace Rigger\Core\Patch;

/** What two units that share slots are to each other, or one that runs past the end of its universe (b is null). */
final readonly class Relation
{
    public function __construct(
        public RelationKind $kind,
        public Placed $a,
        public ?Placed $b,
        public int $from,
        public int $to,
    ) {
    }

    /** @return array<string, string|int> */
    public function toArray(): array
    {
        return ['kind' => $this->kind->value, 'a' => $this->a->id]
            + (null === $this->b ? [] : ['b' => $this->b->id])
            + ['universe' => $this->a->universe, 'from' => $this->from, 'to' => $this->to];
    }
}
