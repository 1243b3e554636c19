<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Desk;

use Rigger\Core\Change\Proposal;
use Rigger\Core\Change\Refused;
use Rigger\Core\Change\Unit\PlannedUnit;
use Rigger\Core\Change\Unit\TakePlan;
use Rigger\Core\Desk\Assignment;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Desk\DeskPlan;
use Rigger\Core\Desk\DeskWish;
use Rigger\Core\Desk\PlanMode;
use Rigger\Core\Desk\Want;
use Rigger\Core\Input\InputError;
use Rigger\Core\Patch\AddressCheck;
use Rigger\Core\Patch\Placed;
use Rigger\Core\Patch\RelationKind;
use Rigger\Core\Patch\Span;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** Mode, button and address for each unit, from what is wanted of it: shown beside the patch first, then taken over as one change. */
final readonly class Advice
{
    /**
     * @param list<AdviceRow> $rows     in the order of the wishes
     * @param string          $sentence trips, buttons and faders
     * @param list<string>    $warnings what would still be wrong
     */
    private function __construct(public array $rows, public string $sentence, public array $warnings)
    {
    }

    /**
     * @param non-empty-list<UnitWish> $wishes in the order in which buttons are given; units that are not named stay as they are
     *
     * @throws InputError duplicate, locked, not_a_choice; fields below "wishes"
     * @throws Refused    no_desk
     */
    public static function of(Rig $rig, array $wishes): self
    {
        $desk = $rig->desk() ?? throw Refused::noDesk('the plan gives its buttons');
        $plan = self::plan($rig, $desk, $wishes);
        $assigned = [];
        foreach ($plan->assigned as $one) {
            $assigned[$one->id] = $one;
        }
        $reasons = array_column($plan->unassigned, 'reason', 'id');
        $rows = array_map(
            static fn (UnitWish $wish): AdviceRow => AdviceRow::of(
                $desk,
                $rig->unit($wish->unit),
                $wish,
                $assigned[$wish->unit] ?? $reasons[$wish->unit],
            ),
            $wishes,
        );

        return new self($rows, self::sentence($desk, $plan, self::count($rows)), self::warnings($rig, $desk, $assigned, $wishes));
    }

    /** @return int ladder trips */
    public function changes(): int
    {
        return self::count($this->rows);
    }

    /** @return Proposal|null null where nothing changes */
    public function proposal(): ?Proposal
    {
        $units = [];
        foreach ($this->rows as $row) {
            if ($row->isChanged && null !== $row->to && null !== $row->mode) {
                $units[] = new PlannedUnit($row->unit->id, $row->to->universe, $row->to->address, $row->mode->key);
            }
        }

        return [] === $units
            ? null
            : new Proposal(
                'Take this plan over',
                [new TakePlan('desk', $units)],
                \count($units),
                array_merge(...array_map(static fn (AdviceRow $row): array => $row->costs, $this->rows)),
            );
    }

    /** @param list<AdviceRow> $rows */
    private static function count(array $rows): int
    {
        return \count(array_filter($rows, static fn (AdviceRow $row): bool => $row->isChanged));
    }

    /** @param list<UnitWish> $wishes */
    private static function plan(Rig $rig, Desk $desk, array $wishes): DeskPlan
    {
        $asked = [];
        foreach ($wishes as $index => $wish) {
            $unit = $rig->unit($wish->unit);
            if (isset($asked[$wish->unit])) {
                throw InputError::because('duplicate', 'wishes['.$index.'].unit', \sprintf('%s is named twice.', $unit->name));
            }
            if ($unit->stays()) {
                throw InputError::because(
                    'locked',
                    'wishes['.$index.'].unit',
                    \sprintf('%s is %s, and no plan moves it.', $unit->name, $unit->isLocked ? 'locked where it is' : 'out of action'),
                );
            }
            $asked[$wish->unit] = true;
        }
        $taken = [];
        foreach ($rig->units as $unit) {
            if (!isset($asked[$unit->id]) && $unit->place->universe === $desk->universe) {
                $taken[] = $unit->span();
            }
        }

        foreach ($rig->holds as $hold) {
            if ($hold->universe === $desk->universe) {
                $taken[] = $hold->span;
            }
        }

        return DeskPlan::of(
            $desk,
            array_map(
                static fn (UnitWish $wish, int $index): DeskWish => self::wish($rig->unit($wish->unit), $wish, $index),
                $wishes,
                array_keys($wishes),
            ),
            $taken,
        );
    }

    private static function wish(Unit $unit, UnitWish $wish, int $index): DeskWish
    {
        $revision = $unit->revision();
        $wants = [];
        foreach ($wish->wants as $word) {
            $want = Want::tryFrom($word) ?? throw InputError::because(
                'not_a_choice',
                'wishes['.$index.'].wants',
                'A want is one of '.implode(', ', array_column(Want::cases(), 'value')).'.',
            );
            array_push($wants, ...$want->functions($revision->profile));
        }
        $modes = array_filter($revision->usableModes(), static fn (Mode $mode): bool => $mode->footprint() <= Span::LAST_SLOT);

        // The key names chart and mode: a unit of another type is no partner, whatever its mode is called.
        return new DeskWish(
            $wish->unit,
            array_values(array_map(
                static fn (Mode $mode): PlanMode => new PlanMode(
                    $revision->id.'/'.$mode->key,
                    $mode->footprint(),
                    Want::functionsOf($mode),
                ),
                $modes,
            )),
            $wants,
            $wish->with,
        );
    }

    private static function sentence(Desk $desk, DeskPlan $plan, int $changes): string
    {
        $parts = [0 === $changes ? 'No ladder trip' : ucfirst(Proposal::tripsInWords($changes))];
        $taken = [];
        $slots = [];
        foreach ($plan->assigned as $one) {
            $taken[$one->button] = true;
            for ($at = $one->address; $at < $one->address + $one->mode->footprint; ++$at) {
                $slots[$at] = true;
            }
        }
        if ($desk->layout->hasButtons()) {
            $parts[] = \sprintf('%d of %d buttons', \count($taken), $desk->buttons ?? 0);
        }
        $parts[] = \sprintf('%d of %d faders', \count($slots), \count($desk->faders()));
        if ([] !== $plan->unassigned) {
            $parts[] = 1 === \count($plan->unassigned)
                ? 'no place for 1 unit'
                : \sprintf('no place for %d units', \count($plan->unassigned));
        }

        return implode(' · ', $parts);
    }

    /**
     * Units without a place stay where they are, and somebody may stand there then.
     *
     * @param array<string, Assignment> $assigned
     * @param list<UnitWish>            $wishes
     *
     * @return list<string>
     */
    private static function warnings(Rig $rig, Desk $desk, array $assigned, array $wishes): array
    {
        $placed = array_map(static function (Unit $unit) use ($assigned, $desk): Placed {
            $to = $assigned[$unit->id] ?? null;

            return null === $to
                ? $unit->placed()
                : new Placed($unit->id, $desk->universe, Span::at($to->address, $to->mode->footprint), $to->mode->key);
        }, array_values($rig->units));
        $planned = array_fill_keys(array_map(static fn (UnitWish $wish): string => $wish->unit, $wishes), true);
        $warnings = [];
        foreach (AddressCheck::of($placed)->relations as $relation) {
            if (null === $relation->b || RelationKind::Twins === $relation->kind) {
                continue;
            }
            if (isset($planned[$relation->a->id]) || isset($planned[$relation->b->id])) {
                $warnings[] = \sprintf(
                    '%s and %s would share %s.',
                    $rig->unit($relation->a->id)->name,
                    $rig->unit($relation->b->id)->name,
                    Span::words($relation->from, $relation->to),
                );
            }
        }

        return $warnings;
    }
}
