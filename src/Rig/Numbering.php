<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Problem\Problem;
use Rigger\App\Rig\View\PlanTripView;
use Rigger\App\Rig\View\PlanView;
use Rigger\App\Rig\View\UnplacedView;
use Rigger\Core\Input\InputError;
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
        [$task, $plan] = self::plan($snapshot, $wish);
        $trips = [];
        foreach ($plan->placed as $placed) {
            if ($placed->isChanged) {
                $trips[] = self::trip($snapshot, $snapshot->fixture($placed->id), $placed, $wish);
            }
        }

        return new PlanView($trips, self::unplaced($snapshot, $task, $plan, $wish), self::sentence($plan, \count($snapshot->fixtures)));
    }

    /**
     * @return string what was done
     *
     * @throws Problem when nothing changes, or something finds no room
     */
    public static function apply(Snapshot $snapshot, NumberingWish $wish): string
    {
        [$task, $plan] = self::plan($snapshot, $wish);
        if ([] !== $plan->unplaced) {
            $left = array_map(static fn (UnplacedView $one): string => $one->name.': '.$one->why, self::unplaced($snapshot, $task, $plan, $wish));
            throw Problem::conflict('no_room', implode(' ', $left));
        }
        if (0 === $plan->changes()) {
            throw Problem::conflict('nothing_to_do', 'Every unit stands where this plan would put it.');
        }
        foreach ($plan->placed as $placed) {
            if ($placed->isChanged) {
                $snapshot->fixture($placed->id)->moveTo($placed->place->universe, $placed->place->address);
            }
        }

        return \sprintf('%s: %s', $wish->isFewest ? 'Put the addresses right' : 'Numbered the rig', LadderTrips::say($plan->changes()));
    }

    /** @return array{PlanTask, AddressPlan} */
    private static function plan(Snapshot $snapshot, NumberingWish $wish): array
    {
        if ('blocks' === $wish->spacing && $wish->isFewest) {
            throw Problem::at('spacing', 'not_a_choice', 'Blocks of a type number the whole rig afresh.');
        }
        try {
            $task = PlanTask::of(self::fixtures($snapshot), $wish->universes, self::spacing($snapshot, $wish));
        } catch (InputError $error) {
            throw self::locked($snapshot, $wish, $error);
        }

        return [$task, match (true) {
            'blocks' === $wish->spacing => AddressPlan::blocks($task, $wish->spare),
            $wish->isFewest => AddressPlan::fewest($task),
            default => AddressPlan::fresh($task),
        }];
    }

    /** Locked units can contradict the wish, or each other. */
    private static function locked(Snapshot $snapshot, NumberingWish $wish, InputError $error): Problem
    {
        $index = 1 === preg_match('/^fixtures\[(\d+)\]/', $error->field, $parts) ? (int) $parts[1] : 0;
        $fixture = $snapshot->fixtures[$index];

        return Problem::conflict('locked', 'locked_clash' === $error->errorCode
            ? $snapshot->named($error->getMessage()).' Unlock one of them.'
            : \sprintf('%s is locked at %s, which no plan over %d universe%s may move. Allow more universes, or unlock it.', $fixture->name(), self::say($fixture->universe(), $fixture->span()->first), $wish->universes, 1 === $wish->universes ? '' : 's'));
    }

    /** @return list<PlanFixture> */
    private static function fixtures(Snapshot $snapshot): array
    {
        $twins = [];
        foreach ($snapshot->addresses()->relations as $relation) {
            if (RelationKind::Twins === $relation->kind && null !== $relation->b) {
                $twins[$relation->b->id] ??= $relation->a->id;
            }
        }

        return array_map(static fn (PatchedFixture $one): PlanFixture => new PlanFixture(
            (string) $one->id(),
            $one->modeIdentity(),
            $one->span()->footprint,
            new Place($one->universe(), $one->span()->first),
            $one->isLocked(),
            $twins[(string) $one->id()] ?? null,
        ), $snapshot->fixtures);
    }

    private static function spacing(Snapshot $snapshot, NumberingWish $wish): Spacing
    {
        $desk = $snapshot->desk();

        return match ($wish->spacing) {
            'packed', 'blocks' => Spacing::packed(),
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

    /**
     * What finds no room, and by how much.
     *
     * @return list<UnplacedView>
     */
    private static function unplaced(Snapshot $snapshot, PlanTask $task, AddressPlan $plan, NumberingWish $wish): array
    {
        if ([] === $plan->unplaced) {
            return [];
        }
        $longest = $plan->slots($task)->longestRun($task->spacing);
        $more = self::universesNeeded($snapshot, $wish);

        return array_map(static function (string $id) use ($snapshot, $longest, $more): UnplacedView {
            $fixture = $snapshot->fixture($id);
            $needs = $fixture->span()->footprint;
            $short = $longest >= $needs ? \sprintf('%d slots in a row are free, but behind the others', $longest) : \sprintf('the longest free run is %d: %d too few', $longest, $needs - $longest);

            return new UnplacedView($id, $fixture->name(), \sprintf('it needs %d slots in a row and %s.%s', $needs, $short, null === $more ? '' : \sprintf(' With %d universes everything has room.', $more)));
        }, $plan->unplaced);
    }

    /** The fewest universes in which the same wish leaves nobody over; null when more would not help. */
    private static function universesNeeded(Snapshot $snapshot, NumberingWish $wish): ?int
    {
        foreach ([1, 2, 3, 4, 8, 16] as $more) {
            $wider = new NumberingWish(false, $wish->spacing, $wish->step, $wish->first, min(64, $wish->universes + $more), $wish->spare);
            if ([] === self::plan($snapshot, $wider)[1]->unplaced) {
                return $wider->universes;
            }
        }

        return null;
    }

    private static function sentence(AddressPlan $plan, int $all): string
    {
        $stay = $all - $plan->changes() - \count($plan->unplaced);

        return 0 === $plan->changes() && [] === $plan->unplaced
            ? 'Every unit stands where this plan would put it.'
            : \sprintf('%s; %d stay%s where they are%s.', ucfirst(LadderTrips::say($plan->changes())), $stay, 1 === $stay ? 's' : '', [] === $plan->unplaced ? '' : \sprintf('; no room for %d', \count($plan->unplaced)));
    }

    private static function say(int $universe, int $address): string
    {
        return \sprintf('%d.%03d', $universe, $address);
    }
}
