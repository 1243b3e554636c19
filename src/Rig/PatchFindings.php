<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Rig\View\FindingView;
use Rigger\App\Rig\View\RepairView;
use Rigger\Core\Patch\FreePlace;
use Rigger\Core\Patch\Relation;
use Rigger\Core\Patch\RelationKind;
use Rigger\Core\Patch\Sharing;
use Rigger\Core\Patch\Span;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Severity;

/** Clashes, mixed shares, overruns and twins, each in one sentence with its numbers. */
final class PatchFindings
{
    /** @return list<FindingView> */
    public static function of(Snapshot $snapshot): array
    {
        return array_map(static fn (Relation $one): FindingView => match ($one->kind) {
            RelationKind::Twins => self::twins($snapshot, $one),
            RelationKind::Overrun => self::overrun($snapshot, $one),
            default => self::sharing($snapshot, $one),
        }, $snapshot->addresses()->relations);
    }

    private static function twins(Snapshot $snapshot, Relation $relation): FindingView
    {
        [$a, $b] = self::both($snapshot, $relation);

        return new FindingView('patch', 'twins', Severity::Note->value, \sprintf('%s and %s are twins', $a->name(), $b->name()), \sprintf('Both listen to %d–%d in the same mode: %03d is the %s of both, so one fader moves them together.', $relation->from, $relation->to, $relation->from, self::channel($a, $relation->from)->title()), [(string) $a->id(), (string) $b->id()]);
    }

    private static function sharing(Snapshot $snapshot, Relation $relation): FindingView
    {
        [$a, $b] = self::both($snapshot, $relation);
        $seen = Sharing::sentence($relation->from, $a->name(), self::channel($a, $relation->from), $b->name(), self::channel($b, $relation->from));
        $isMixed = RelationKind::Mixed === $relation->kind;

        return new FindingView(
            'patch',
            $relation->kind->value,
            Severity::Error->value,
            $isMixed ? \sprintf('%s and %s start together in different modes', $a->name(), $b->name()) : \sprintf('%s sits on %s', $b->name(), $a->name()),
            \sprintf('%s belong%s to both. %s', $relation->from === $relation->to ? (string) $relation->from : $relation->from.'–'.$relation->to, $relation->from === $relation->to ? 's' : '', $seen),
            [(string) $b->id(), (string) $a->id()],
            null,
            self::move($snapshot, $b, $a),
        );
    }

    private static function overrun(Snapshot $snapshot, Relation $relation): FindingView
    {
        $fixture = $snapshot->fixture($relation->a->id);
        $lost = $relation->to - Span::LAST_SLOT;

        return new FindingView(
            'patch',
            'overrun',
            Severity::Error->value,
            \sprintf('%s runs past 512', $fixture->name()),
            \sprintf('%d channels at %d end at %d, so the last %s no address. The last start for it is %d.', $fixture->span()->footprint, $fixture->span()->first, $relation->to, 1 === $lost ? 'channel has' : $lost.' channels have', Span::LAST_SLOT - $fixture->span()->footprint + 1),
            [(string) $fixture->id()],
            null,
            self::move($snapshot, $fixture, null),
        );
    }

    /** The smaller of the two moves, to the first place that is free: one ladder trip. */
    private static function move(Snapshot $snapshot, PatchedFixture $one, ?PatchedFixture $other): ?RepairView
    {
        $mover = null !== $other && ($one->isLocked() || !$other->isLocked() && $other->span()->footprint < $one->span()->footprint) ? $other : $one;
        if ($mover->isLocked()) {
            return null;
        }
        $taken = Patching::taken($snapshot, $mover->universe(), $mover);
        $desk = $snapshot->desk();
        $starts = null !== $desk && $desk->universe === $mover->universe() && $desk->layout->hasButtons() ? DeskViewFactory::starts($desk) : null;
        $footprint = $mover->span()->footprint;
        $address = FreePlace::lowest($taken, $footprint, $starts) ?? FreePlace::lowest($taken, $footprint);

        return null === $address ? null : new RepairView(\sprintf('Move %s to %03d: one ladder trip', $mover->name(), $address), (string) $mover->id(), $mover->universe().'/'.$address);
    }

    private static function channel(PatchedFixture $fixture, int $address): Channel
    {
        return $fixture->mode()->byOffset()[$address - $fixture->span()->first];
    }

    /** @return array{PatchedFixture, PatchedFixture} */
    private static function both(Snapshot $snapshot, Relation $relation): array
    {
        $b = $relation->b ?? throw new \LogicException('A pair has two.');

        return [$snapshot->fixture($relation->a->id), $snapshot->fixture($b->id)];
    }
}
