<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Patch;

use Rigger\Core\Change\Proposal;
use Rigger\Core\Change\Unit\MoveUnits;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Judge\NewPlaces;
use Rigger\Core\Patch\Relation;
use Rigger\Core\Patch\RelationKind;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\TwinGroup;
use Rigger\Core\Severity;

/**
 * Clashes, mixed shares, overruns, twins, and slots that are somebody else's: twins that sit on others do so together, and that is told
 * once. Who is out of action sits on nobody tonight.
 */
final class AddressJudge
{
    /** @return list<Finding> */
    public static function findings(Rig $rig): array
    {
        $byCause = [];
        foreach ($rig->addresses()->relations as $relation) {
            $a = $rig->together($rig->unit($relation->a->id));
            $b = null === $relation->b ? null : $rig->together($rig->unit($relation->b->id));
            if ($a->isOut() || true === $b?->isOut()) {
                continue;
            }
            $cause = $relation->kind->value.' '.implode(' ', array_unique([$a->key(), ...(null === $b ? [] : [$b->key()])]));
            $byCause[$cause] ??= self::one($relation, $a, $b);
        }

        return [...array_values($byCause), ...self::held($rig)];
    }

    /** @return list<Finding> units that listen in slots which somebody else plays */
    private static function held(Rig $rig): array
    {
        $findings = [];
        foreach ($rig->holds as $hold) {
            foreach ($rig->groups() as $group) {
                $unit = $group->units[0];
                $shared = $group->isOut() ? null : $hold->shared($unit->place->universe, $unit->span());
                if (null !== $shared) {
                    $findings[] = new Finding('patch', 'held', Severity::Error, $group->ids(), [
                        'from' => $shared[0],
                        'to' => $shared[1],
                        'key' => $hold->id,
                    ]);
                }
            }
        }

        return $findings;
    }

    private static function one(Relation $relation, TwinGroup $a, ?TwinGroup $b): Finding
    {
        $figures = ['from' => $relation->from, 'to' => $relation->to];
        if (null === $b) {
            return new Finding('patch', 'overrun', Severity::Error, $a->ids(), $figures);
        }

        return RelationKind::Twins === $relation->kind
            ? new Finding('patch', 'twins', Severity::Note, $a->ids(), $figures)
            // The later one is the one that sits on the other.
            : new Finding('patch', $relation->kind->value, Severity::Error, [...$b->ids(), ...$a->ids()], $figures);
    }

    /** @return list<Proposal> the one that stands wrong goes to the next place that is free, and its twins with it */
    public static function proposals(Rig $rig, NewPlaces $places, Finding $finding): array
    {
        if (!\in_array($finding->code, ['clash', 'mixed', 'overrun', 'held'], true)) {
            return [];
        }
        $groups = [];
        foreach ($finding->units as $id) {
            $group = $rig->together($rig->unit($id));
            $groups[$group->key()] = $group;
        }
        $mover = $places->mover(...array_values($groups));
        $place = null === $mover ? null : $places->of($mover);
        if (null === $mover || null === $place) {
            return [];
        }
        $desk = $rig->desk();
        $isOff = $places->isOffTheDesk($mover);
        $button = null !== $desk && $desk->universe === $place->universe ? $desk->buttonAt($place->address) : null;
        $trips = \count($mover->units);

        return [new Proposal(
            \sprintf(
                'Move %s to %03d%s: %s',
                $mover->names(),
                $place->address,
                match (true) {
                    null !== $desk && null !== $button && $desk->startsAt($place->address) => \sprintf(
                        ' (%s %d)',
                        mb_strtolower($desk->manual->keys->of('button')),
                        $button,
                    ),
                    $place->address > $mover->units[0]->place->address => ', the next place that is free',
                    default => ', the lowest place that is free',
                },
                Proposal::tripsInWords($trips),
            ),
            [MoveUnits::at($place, ...$mover->ids())],
            $trips,
            $isOff ? ['It will stand where the desk has no button or fader for it.'] : [],
        )];
    }
}
