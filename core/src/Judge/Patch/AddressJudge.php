<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Patch;

use Rigger\Core\Change\Proposal;
use Rigger\Core\Change\Unit\MoveUnits;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Patch\Place;
use Rigger\Core\Patch\Relation;
use Rigger\Core\Patch\RelationKind;
use Rigger\Core\Patch\Span;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Severity;

/** Clashes, mixed shares, overruns and twins. */
final class AddressJudge
{
    /** @return list<Finding> */
    public static function findings(Rig $rig): array
    {
        return array_map(static function (Relation $relation): Finding {
            $figures = ['from' => $relation->from, 'to' => $relation->to];

            return match ($relation->kind) {
                RelationKind::Overrun => new Finding('patch', 'overrun', Severity::Error, [$relation->a->id], $figures),
                RelationKind::Twins => new Finding('patch', 'twins', Severity::Note, [$relation->a->id, $relation->b->id ?? ''], $figures),
                // The later one is the one that sits on the other.
                default => new Finding(
                    'patch',
                    $relation->kind->value,
                    Severity::Error,
                    [$relation->b->id ?? '', $relation->a->id],
                    $figures,
                ),
            };
        }, $rig->addresses()->relations);
    }

    /** @return list<Proposal> the smaller of two goes to the first place that is free, and its twins with it */
    public static function proposals(Rig $rig, Finding $finding): array
    {
        if (!\in_array($finding->code, ['clash', 'mixed', 'overrun'], true)) {
            return [];
        }
        $one = $rig->unit($finding->units[0]);
        $other = isset($finding->units[1]) ? $rig->unit($finding->units[1]) : null;
        $isHeld = $rig->together($one)->isLocked();
        $mover = null !== $other && ($isHeld || !$rig->together($other)->isLocked() && $other->footprint() < $one->footprint())
            ? $other
            : $one;
        $group = $rig->together($mover);
        if ($group->isLocked()) {
            return [];
        }
        $desk = $rig->desk();
        $starts = null !== $desk && $desk->universe === $mover->place->universe && $desk->layout->hasButtons() ? $desk->starts() : null;
        $taken = $rig->occupancy($mover->place->universe)->without(...array_map(
            static fn (Unit $unit): Span => $unit->span(),
            $group->units,
        ));
        $address = $taken->lowest($mover->footprint(), $starts) ?? $taken->lowest($mover->footprint());

        if (null === $address) {
            return [];
        }
        $trips = \count($group->units);

        return [new Proposal(
            \sprintf('Move %s to %03d: %s', $group->names(), $address, Proposal::tripsInWords($trips)),
            [MoveUnits::at(new Place($mover->place->universe, $address), ...$group->ids())],
            $trips,
        )];
    }
}
