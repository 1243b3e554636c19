<?php

declare(strict_types=1);

namespace Rigger\Core\Plan;

use Rigger\Core\Patch\Place;

/** Units that share one address: a chain of twins, or one by itself. @internal */
final readonly class PlanGroup
{
    /**
     * @param list<PlanUnit> $members the head first, then in the given order
     * @param Place|null     $locked  where a locked member holds it
     */
    public function __construct(public array $members, public int $footprint, public ?Place $locked)
    {
    }

    /** How many members would have to be set anew when the group stands there. */
    public function changesAt(Place $place): int
    {
        return \count(array_filter($this->members, static fn (PlanUnit $unit): bool => !$place->equals($unit->now)));
    }

    /** @return list<Place> where one of its members is now, each once */
    public function places(): array
    {
        $places = [];
        foreach ($this->members as $member) {
            if (null !== $member->now) {
                $places[$member->now->universe.'.'.$member->now->address] = $member->now;
            }
        }

        return array_values($places);
    }
}
