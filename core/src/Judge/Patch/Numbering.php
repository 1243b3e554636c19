<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Patch;

use Rigger\Core\Change\Proposal;
use Rigger\Core\Change\Refused;
use Rigger\Core\Change\Unit\PlannedUnit;
use Rigger\Core\Change\Unit\TakePlan;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Input\InputError;
use Rigger\Core\Patch\RelationKind;
use Rigger\Core\Patch\Span;
use Rigger\Core\Plan\AddressPlan;
use Rigger\Core\Plan\PlanTask;
use Rigger\Core\Plan\Spacing;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** A whole rig numbered: shown first, then taken over as one change. Units that are twins now stay twins. */
final readonly class Numbering
{
    /**
     * @param list<Trip>     $trips    in the order of the patch list
     * @param list<Unplaced> $unplaced
     * @param string         $sentence how many trips, how many stay, how many have no room
     */
    private function __construct(public array $trips, public array $unplaced, public string $sentence, private bool $isFewest)
    {
    }

    /**
     * @throws InputError not_a_choice, field "spacing"
     * @throws Refused    locked
     */
    public static function of(Rig $rig, NumberingWish $wish): self
    {
        [$task, $plan] = self::plan($rig, $wish);
        $trips = [];
        foreach ($plan->placed as $placed) {
            if ($placed->isChanged && isset($rig->units[$placed->id])) {
                $unit = $rig->unit($placed->id);
                $trips[] = new Trip($unit, $placed->place, $wish->isFewest ? self::why($rig, $unit, $wish) : 'numbered anew');
            }
        }

        return new self($trips, self::unplaced($rig, $task, $plan, $wish), self::sentence($plan, \count($rig->units)), $wish->isFewest);
    }

    /** @return Proposal|null null where something finds no room, or nothing changes */
    public function proposal(): ?Proposal
    {
        if ([] !== $this->unplaced || [] === $this->trips) {
            return null;
        }
        $units = array_map(
            static fn (Trip $trip): PlannedUnit => new PlannedUnit($trip->unit->id, $trip->to->universe, $trip->to->address),
            $this->trips,
        );

        return new Proposal('Take these addresses', [new TakePlan($this->isFewest ? 'fewest' : 'fresh', $units)], \count($this->trips));
    }

    /** @return array{PlanTask, AddressPlan} */
    private static function plan(Rig $rig, NumberingWish $wish): array
    {
        if ('blocks' === $wish->spacing && $wish->isFewest) {
            throw InputError::because('not_a_choice', 'spacing', 'Blocks of a type number the whole rig afresh.');
        }
        try {
            $universes = max($wish->universes, 'buttons' === $wish->spacing ? $rig->universe() : 1);
            $task = PlanTask::of(NumberedUnits::of($rig, $wish), $universes, self::spacing($rig, $wish));
        } catch (InputError $error) {
            throw self::locked($rig, $wish, $error);
        }

        return [$task, match (true) {
            'blocks' === $wish->spacing => AddressPlan::blocks($task, $wish->spare),
            $wish->isFewest => AddressPlan::fewest($task),
            default => AddressPlan::fresh($task),
        }];
    }

    /** Locked units can contradict the wish, or each other. */
    private static function locked(Rig $rig, NumberingWish $wish, InputError $error): InputError|Refused
    {
        if (1 !== preg_match('/^fixtures\[(\d+)\]/', $error->field, $parts)) {
            return $error;
        }
        $unit = array_values($rig->units)[(int) $parts[1]] ?? null;
        if (null === $unit) {
            return Refused::because('locked', 'A unit that stays where it is listens in slots that are held: move it, or release them.');
        }
        if ('locked_clash' !== $error->errorCode) {
            return Refused::because('locked', \sprintf(
                '%s %s at %s, which no plan over %d universe%s may move. Allow more universes%s.',
                $unit->name,
                $unit->isLocked ? 'is locked' : 'is out of action',
                $unit->place->words(),
                $wish->universes,
                1 === $wish->universes ? '' : 's',
                $unit->isLocked ? ', or unlock it' : '',
            ));
        }
        foreach (\array_slice(array_values($rig->units), 0, (int) $parts[1]) as $other) {
            $isTwin = $other->twinKey() === $unit->twinKey();
            $isNear = $other->place->universe === $unit->place->universe && null !== $other->span()->shared($unit->span());
            if ($other->stays() && !$isTwin && $isNear) {
                return Refused::because('locked', \sprintf(
                    $other->isLocked && $unit->isLocked
                        ? '%s and %s are both locked and share slots. Unlock one of them.'
                        : '%s and %s share slots and both stay where they are. Unlock one of them, or put it back into action.',
                    self::quoted($unit),
                    self::quoted($other),
                ));
            }
        }

        return $error;
    }

    private static function quoted(Unit $unit): string
    {
        return '"'.$unit->name.'"';
    }

    private static function spacing(Rig $rig, NumberingWish $wish): Spacing
    {
        $desk = $rig->desk();

        return match ($wish->spacing) {
            'packed', 'blocks' => Spacing::packed(),
            'round' => Spacing::round($wish->step),
            'stride' => Spacing::stride($wish->step, $wish->first),
            default => null !== $desk && $desk->layout->hasButtons()
                ? Spacing::buttons($desk->stride ?? 1, $desk->first, $desk->buttons ?? 1, $desk->universe)
                : throw InputError::because('not_a_choice', 'spacing', 'The rig\'s desk has no buttons that units could begin at.'),
        };
    }

    private static function why(Rig $rig, Unit $unit, NumberingWish $wish): string
    {
        if (!$unit->span()->fits()) {
            return \sprintf('it runs past 512, to %d', $unit->span()->last());
        }
        if ($unit->place->universe > $wish->universes) {
            return \sprintf('it is in universe %d', $unit->place->universe);
        }
        foreach ($rig->holdsUnder($unit) as $hold) {
            return 'it listens in slots that are held for '.$hold->name;
        }
        foreach ($rig->relationsOf($unit->id) as $relation) {
            $other = $relation->a->id === $unit->id ? $relation->b : $relation->a;
            if (null !== $other && RelationKind::Twins !== $relation->kind) {
                return \sprintf('it shares %s with %s', Span::words($relation->from, $relation->to), $rig->unit($other->id)->name);
            }
        }

        $desk = $rig->desk();
        $called = mb_strtolower($desk?->manual->keys->of('button') ?? 'button');

        if (null === $desk || 'buttons' !== $wish->spacing || NumberedUnits::standsAtItsButton($rig, $unit)) {
            return 'another unit needs its place';
        }

        return match (true) {
            null === $desk->buttonAt($unit->place->address) => \sprintf('it is beyond the %ss of %s', $called, $desk->name),
            $desk->startsAt($unit->place->address) => \sprintf('another unit answers to its %s', $called),
            default => \sprintf('it is not at the start of a %s', $called),
        };
    }

    /** @return list<Unplaced> */
    private static function unplaced(Rig $rig, PlanTask $task, AddressPlan $plan, NumberingWish $wish): array
    {
        if ([] === $plan->unplaced) {
            return [];
        }
        $desk = $rig->desk();
        if ('buttons' === $wish->spacing && null !== $desk) {
            return array_map(static fn (string $id): Unplaced => new Unplaced(
                $rig->unit($id),
                self::withoutAButton($desk, $rig->unit($id)),
            ), $plan->unplaced);
        }
        $longest = $plan->slots($task)->longestRun($task->spacing);
        $more = self::universesNeeded($rig, $wish);

        return array_map(static function (string $id) use ($rig, $longest, $more): Unplaced {
            $unit = $rig->unit($id);
            $needs = $unit->footprint();
            $short = $longest >= $needs
                ? \sprintf('%d slots in a row are free, but behind the others', $longest)
                : \sprintf('the longest free run is %d: %d too few', $longest, $needs - $longest);

            return new Unplaced(
                $unit,
                \sprintf(
                    'it needs %d slots in a row and %s.%s',
                    $needs,
                    $short,
                    null === $more ? '' : \sprintf(' With %d universes everything has room.', $more),
                ),
            );
        }, $plan->unplaced);
    }

    private static function withoutAButton(Desk $desk, Unit $unit): string
    {
        $needs = (int) ceil($unit->footprint() / ($desk->stride ?? 1));

        return \sprintf(
            'it needs %s, and of the %d of %s too few are left. Let some share one and say I know, or choose another spacing.',
            1 === $needs
                ? 'a '.mb_strtolower($desk->manual->keys->of('button'))
                : \sprintf('%d %ss in a row', $needs, mb_strtolower($desk->manual->keys->of('button'))),
            $desk->buttons ?? 0,
            $desk->name,
        );
    }

    /** The fewest universes in which the same wish leaves nobody over; null when more would not help. */
    private static function universesNeeded(Rig $rig, NumberingWish $wish): ?int
    {
        foreach ([1, 2, 3, 4, 8, 16] as $more) {
            $universes = min(64, $wish->universes + $more);
            if ([] === self::plan($rig, $wish->over($universes))[1]->unplaced) {
                return $universes;
            }
        }

        return null;
    }

    private static function sentence(AddressPlan $plan, int $all): string
    {
        $stay = $all - $plan->changes() - \count($plan->unplaced);

        return 0 === $plan->changes() && [] === $plan->unplaced
            ? 'Every unit stands where this plan would put it.'
            : \sprintf(
                '%s; %d stay%s where they are%s.',
                ucfirst(Proposal::tripsInWords($plan->changes())),
                $stay,
                1 === $stay ? 's' : '',
                [] === $plan->unplaced ? '' : \sprintf('; no room for %d', \count($plan->unplaced)),
            );
    }
}
