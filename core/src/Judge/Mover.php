<?php

declare(strict_types=1);

namespace Rigger\Core\Judge;

use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\TwinGroup;

/** Who of several that are in one another's way should go. */
final class Mover
{
    /**
     * Those that stand wrong before those that stand right: off the desk's starts, beyond their neighbour, not set yet or set last, later
     * in the patch list. Of two at one address fewer twins before
     * more: each is a trip up the ladder.
     *
     * @param list<TwinGroup> $groups
     *
     * @return list<TwinGroup> without locked ones
     */
    public static function order(Rig $rig, array $groups): array
    {
        $free = array_values(array_filter($groups, static fn (TwinGroup $group): bool => !$group->isLocked()));
        if (\count($free) < 2) {
            return $free;
        }
        $rank = static fn (TwinGroup $group): array => [
            self::isOffTheStarts($rig, $group) ? 0 : 1,
            -$group->units[0]->place->address,
            \count($group->units),
            null === $group->setAt() ? 0 : 1,
            -($group->setAt()?->getTimestamp() ?? 0),
            -$rig->position($group->units[0]->id),
        ];
        usort($free, static fn (TwinGroup $one, TwinGroup $other): int => $rank($one) <=> $rank($other));

        return $free;
    }

    private static function isOffTheStarts(Rig $rig, TwinGroup $group): bool
    {
        $desk = $rig->desk();
        $place = $group->units[0]->place;

        return null !== $desk && $desk->layout->hasButtons() && $desk->universe === $place->universe
            && !$desk->startsAt($place->address);
    }
}
