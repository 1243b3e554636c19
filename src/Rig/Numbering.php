<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Problem\Problem;
use Rigger\App\Rig\View\PlanTripView;
use Rigger\App\Rig\View\PlanView;
use Rigger\App\Rig\View\UnplacedView;
use Rigger\Core\Patch\Relation;
use Rigger\Core\Patch\RelationKind;
use Rigger\Core\Plan\AddressPlan;
use Rigger\Core\Plan\Place;
use Rigger\Core\Plan\PlacedFixture;
use Rigger\Core\Plan\PlanFixture;
use Rigger\Core\Plan\PlanTask;
use Rigger\Core\Plan\Spacing;

/** Numbers a whole rig: shown first, then taken over as one change. Units that are twins now stay twins. */
final class Numbering
{
    /** What the plan would do, and why each unit that moves has to. */
    public static function preview(Snapshot $snapshot, NumberingWish $wish): PlanView
    {
        $plan = self::plan($snapshot, $wish);
        $trips = [];
        foreach ($plan->placed as $placed) {
            if ($placed->isChanged) {
                $trips[] = self::trip($snapshot, $snapshot->fixture($placed->id), $placed, $wish);
            }
        }

        return new PlanView($trips, array_map(static fn (string $id): UnplacedView => self::unplaced($snapshot->fixture($id), $wish), $plan->unplaced), self::sentence($plan, \count($snapshot->fixtures)));
    }

    /**
     * @return string what was done
     *
     * @throws Problem when nothing changes, or something finds no room
     */
    public static function apply(Snapshot $snapshot, NumberingWish $wish): string
    {
        $plan = self::plan($snapshot, $wish);
        if ([] !== $plan->unplaced) {
            $left = array_map(static fn (string $id): string => $snapshot->fixture($id)->name(), $plan->unplaced);
            throw Problem::conflict('no_room', \sprintf('There is no room for %s. Allow one more universe, or another spacing.', implode(', ', $left)));
        }
        if (0 === $plan->changes()) {
            throw Problem::conflict('nothing_to_do', 'Every unit stands where this plan would put it.');
        }
        foreach ($plan->placed as $placed) {
            if ($placed->isChanged) {
                $snapshot->fixture($placed->id)->moveTo($placed->place->universe, $placed->place->address);
            }
        }

        return \sprintf('%s: %s', $wish->isFewest ? 'Put the addresses right' : 'Numbered the rig', self::trips($plan->changes()));
    }

    private static function plan(Snapshot $snapshot, NumberingWish $wish): AddressPlan
    {
        $twins = [];
        foreach ($snapshot->addresses()->relations as $relation) {
            if (RelationKind::Twins === $relation->kind && null !== $relation->b) {
                $twins[$relation->b->id] ??= $relation->a->id;
            }
        }
        $fixtures = array_map(static fn (PatchedFixture $one): PlanFixture => new PlanFixture(
            (string) $one->id(),
            $one->modeIdentity(),
            $one->span()->footprint,
            new Place($one->universe(), $one->span()->first),
            \in_array((string) $one->id(), $wish->lockedIds, true),
            $twins[(string) $one->id()] ?? null,
        ), $snapshot->fixtures);
        $task = PlanTask::of($fixtures, $wish->universes, self::spacing($snapshot, $wish));

        return $wish->isFewest ? AddressPlan::fewest($task) : AddressPlan::fresh($task);
    }

    private static function spacing(Snapshot $snapshot, NumberingWish $wish): Spacing
    {
        $desk = $snapshot->desk();

        return match ($wish->spacing) {
            'packed' => Spacing::packed(),
            'round' => Spacing::round($wish->step),
            'stride' => Spacing::stride($wish->step, $wish->first),
            default => null !== $desk && $desk->layout->hasButtons() ? Spacing::stride($desk->stride ?? 1, $desk->first) : throw Problem::at('spacing', 'not_a_choice', 'The rig\'s desk has no buttons that units could begin at.'),
        };
    }

    private static function trip(Snapshot $snapshot, PatchedFixture $fixture, PlacedFixture $placed, NumberingWish $wish): PlanTripView
    {
        return new PlanTripView((string) $fixture->id(), $fixture->name(), self::say($fixture->universe(), $fixture->span()->first), self::say($placed->place->universe, $placed->place->address), $placed->place->universe, $placed->place->address, $wish->isFewest ? self::why($snapshot, $fixture, $wish) : 'numbered anew');
    }

    private static function why(Snapshot $snapshot, PatchedFixture $fixture, NumberingWish $wish): string
    {
        if (!$fixture->span()->fits()) {
            return \sprintf('it runs past 512, to %d', $fixture->span()->last());
        }
        if ($fixture->universe() > $wish->universes) {
            return \sprintf('it is in universe %d', $fixture->universe());
        }
        $id = (string) $fixture->id();
        foreach ($snapshot->addresses()->relations as $relation) {
            $other = self::other($relation, $id);
            if (null !== $other && RelationKind::Twins !== $relation->kind) {
                return \sprintf('it shares %s with %s', $relation->from === $relation->to ? (string) $relation->from : $relation->from.'–'.$relation->to, $snapshot->fixture($other)->name());
            }
        }

        return 'another unit needs its place';
    }

    private static function other(Relation $relation, string $id): ?string
    {
        return match ($id) {
            $relation->a->id => $relation->b?->id,
            $relation->b?->id => $relation->a->id,
            default => null,
        };
    }

    private static function unplaced(PatchedFixture $fixture, NumberingWish $wish): UnplacedView
    {
        return new UnplacedView((string) $fixture->id(), $fixture->name(), \sprintf('%d channels find no free run%s.', $fixture->span()->footprint, 1 === $wish->universes ? '' : \sprintf(' in %d universes', $wish->universes)));
    }

    private static function sentence(AddressPlan $plan, int $all): string
    {
        $stay = $all - $plan->changes() - \count($plan->unplaced);

        return 0 === $plan->changes() && [] === $plan->unplaced
            ? 'Every unit stands where this plan would put it.'
            : \sprintf('%s; %d stay%s where they are%s.', ucfirst(self::trips($plan->changes())), $stay, 1 === $stay ? 's' : '', [] === $plan->unplaced ? '' : \sprintf('; no room for %d', \count($plan->unplaced)));
    }

    private static function trips(int $changes): string
    {
        return 1 === $changes ? 'one ladder trip' : $changes.' ladder trips';
    }

    private static function say(int $universe, int $address): string
    {
        return \sprintf('%d.%03d', $universe, $address);
    }
}
