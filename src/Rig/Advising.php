<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Problem\Problem;
use Rigger\App\Rig\View\AdviceRowView;
use Rigger\App\Rig\View\AdviceView;
use Rigger\App\Rig\View\WantWordView;
use Rigger\App\Rig\View\WishesView;
use Rigger\App\Rig\View\WishView;
use Rigger\Core\Desk\Assignment;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Desk\DeskPlan;
use Rigger\Core\Desk\DeskWish;
use Rigger\Core\Desk\PlanMode;
use Rigger\Core\Desk\Unassigned;
use Rigger\Core\Desk\Want;
use Rigger\Core\Patch\AddressCheck;
use Rigger\Core\Patch\Placed;
use Rigger\Core\Patch\RelationKind;
use Rigger\Core\Patch\Span;
use Rigger\Core\Profile\Mode;

/** Mode, button and address for each unit, from what is wanted of it: shown beside the patch first, then taken over as one change. */
final readonly class Advising
{
    public function __construct(private Swapping $swapping)
    {
    }

    /** What every unit does now, as wishes to begin with. */
    public static function wishes(Snapshot $snapshot): WishesView
    {
        $first = [];
        $units = [];
        foreach ($snapshot->fixtures as $fixture) {
            $profile = $fixture->revision()->profile();
            $possible = array_values(array_filter(Want::cases(), static fn (Want $one): bool => $one->isPossible($profile)));
            $met = array_filter($possible, static fn (Want $one): bool => $one->isMetBy($profile, $fixture->mode()));
            $place = $fixture->universe().'.'.$fixture->span()->first.' '.$fixture->modeIdentity();
            $units[] = new WishView((string) $fixture->id(), $fixture->name(), $profile->model, array_column($possible, 'value'), array_values(array_map(static fn (Want $one): string => $one->value, $met)), $first[$place] ?? null);
            $first[$place] ??= (string) $fixture->id();
        }

        return new WishesView($units, array_map(static fn (Want $one): WantWordView => new WantWordView($one->value, $one->words()), Want::cases()));
    }

    /** @param list<AdviceWish> $wishes in the order in which buttons are given; units that are not named stay as they are */
    public function preview(Snapshot $snapshot, array $wishes): AdviceView
    {
        $desk = self::desk($snapshot);
        $plan = self::plan($snapshot, $desk, $wishes);
        $assigned = [];
        foreach ($plan->assigned as $one) {
            $assigned[$one->id] = $one;
        }
        $reasons = array_column($plan->unassigned, 'reason', 'id');
        $rows = array_map(static fn (AdviceWish $one): AdviceRowView => self::row($snapshot, $desk, $one, $assigned[$one->fixtureId] ?? $reasons[$one->fixtureId]), $wishes);
        $changes = \count(array_filter($rows, static fn (AdviceRowView $one): bool => $one->isChanged));

        return new AdviceView($rows, self::sentence($desk, $plan, $changes), self::warnings($snapshot, $desk, $assigned, $wishes), $changes);
    }

    /**
     * @param list<AdviceWish> $wishes
     *
     * @return string what was done
     *
     * @throws Problem nothing_to_do
     */
    public function apply(Snapshot $snapshot, array $wishes): string
    {
        $desk = self::desk($snapshot);
        $changes = 0;
        foreach (self::plan($snapshot, $desk, $wishes)->assigned as $one) {
            $fixture = $snapshot->fixture($one->id);
            $changes += self::isChanged($fixture, $desk, $one) ? 1 : 0;
            if ($one->mode->key !== $fixture->modeIdentity()) {
                $this->swapping->setMode($snapshot, $one->id, self::modeOf($fixture, $one)->key);
            }
            if ($fixture->universe() !== $desk->universe || $fixture->span()->first !== $one->address) {
                $fixture->moveTo($desk->universe, $one->address);
            }
        }
        if (0 === $changes) {
            throw Problem::conflict('nothing_to_do', 'Every unit stands already where this plan would put it.');
        }

        return \sprintf('Took over a plan for %s: %s', $desk->name, LadderTrips::say($changes));
    }

    private static function desk(Snapshot $snapshot): Desk
    {
        return $snapshot->desk() ?? throw Problem::conflict('no_desk', 'Choose a desk first: the plan gives its buttons.');
    }

    /** @param list<AdviceWish> $wishes */
    private static function plan(Snapshot $snapshot, Desk $desk, array $wishes): DeskPlan
    {
        $asked = [];
        foreach ($wishes as $index => $wish) {
            $fixture = $snapshot->fixture($wish->fixtureId);
            if (isset($asked[$wish->fixtureId])) {
                throw Problem::at('wishes['.$index.'].fixtureId', 'duplicate', \sprintf('%s is named twice.', $fixture->name()));
            }
            if ($fixture->isLocked()) {
                throw Problem::at('wishes['.$index.'].fixtureId', 'locked', \sprintf('%s is locked where it is, and no plan moves it.', $fixture->name()));
            }
            $asked[$wish->fixtureId] = true;
        }
        $taken = [];
        foreach ($snapshot->fixtures as $fixture) {
            if (!isset($asked[(string) $fixture->id()]) && $fixture->universe() === $desk->universe) {
                $taken[] = $fixture->span();
            }
        }

        return DeskPlan::of($desk, array_map(static fn (AdviceWish $wish, int $index): DeskWish => self::wish($snapshot, $wish, $index), $wishes, array_keys($wishes)), $taken);
    }

    private static function wish(Snapshot $snapshot, AdviceWish $wish, int $index): DeskWish
    {
        $revision = $snapshot->fixture($wish->fixtureId)->revision();
        $profile = $revision->profile();
        $wants = [];
        foreach ($wish->wants as $word) {
            $want = Want::tryFrom($word) ?? throw Problem::at('wishes['.$index.'].wants', 'not_a_choice', 'A want is one of '.implode(', ', array_column(Want::cases(), 'value')).'.');
            array_push($wants, ...$want->functions($profile));
        }
        $modes = array_filter($profile->modes, static fn (Mode $one): bool => $one->footprint() > 0 && $one->footprint() <= Span::LAST_SLOT);

        // The key names chart and mode: a unit of another type is no partner, whatever its mode is called.
        return new DeskWish($wish->fixtureId, array_values(array_map(static fn (Mode $one): PlanMode => new PlanMode($revision->id().'/'.$one->key, $one->footprint(), Want::functionsOf($one)), $modes)), $wants, $wish->with);
    }

    private static function modeOf(PatchedFixture $fixture, Assignment $one): Mode
    {
        $key = substr($one->mode->key, \strlen((string) $fixture->revision()->id()) + 1);

        return $fixture->revision()->profile()->mode($key) ?? throw new \LogicException('A plan chooses among the modes of the chart.');
    }

    private static function isChanged(PatchedFixture $fixture, Desk $desk, Assignment $one): bool
    {
        return $fixture->modeIdentity() !== $one->mode->key || $fixture->universe() !== $desk->universe || $fixture->span()->first !== $one->address;
    }

    private static function row(Snapshot $snapshot, Desk $desk, AdviceWish $wish, Assignment|Unassigned $outcome): AdviceRowView
    {
        $fixture = $snapshot->fixture($wish->fixtureId);
        $now = $fixture->mode();
        $from = [$wish->fixtureId, $fixture->name(), $now->name, self::place($desk, $fixture->universe(), $fixture->span()->first), $now->footprint()];
        if ($outcome instanceof Unassigned) {
            return new AdviceRowView(...[...$from, null, null, null, null, false, [self::why($fixture, $desk, $wish, $outcome)]]);
        }
        $mode = self::modeOf($fixture, $outcome);
        $profile = $fixture->revision()->profile();
        $lost = array_filter(Want::cases(), static fn (Want $one): bool => Want::NoPrograms !== $one && $one->isMetBy($profile, $now) && !$one->isMetBy($profile, $mode));
        $gained = array_filter(Want::cases(), static fn (Want $one): bool => !$one->isMetBy($profile, $now) && $one->isMetBy($profile, $mode));
        $costs = [
            ...array_map(static fn (Want $one): string => 'gives up '.$one->words(), array_values($lost)),
            ...array_map(static fn (Want $one): string => 'gains '.$one->words(), array_values($gained)),
        ];

        return new AdviceRowView(...[...$from, $mode->name, self::place($desk, $desk->universe, $outcome->address), $mode->footprint(), $outcome->button, self::isChanged($fixture, $desk, $outcome), $costs]);
    }

    private static function why(PatchedFixture $fixture, Desk $desk, AdviceWish $wish, Unassigned $reason): string
    {
        $profile = $fixture->revision()->profile();
        $words = implode(' and ', array_map(static fn (string $one): string => Want::from($one)->words(), $wish->wants));

        if (Unassigned::NoModeFits === $reason) {
            $room = $desk->layout->hasButtons() ? $desk->reach() : $desk->rowLength();
            $wants = array_map(Want::from(...), $wish->wants);
            $able = array_filter($profile->modes, static fn (Mode $one): bool => [] === array_filter($wants, static fn (Want $want): bool => !$want->isMetBy($profile, $one)));
            $shortest = [] === $able ? 0 : min(array_map(static fn (Mode $one): int => $one->footprint(), $able));

            return $shortest <= $room ? 'it cannot be set to the mode of the unit it is to go with' : \sprintf('its shortest mode with that has %d channels, and there are faders for %d', $shortest, $room);
        }

        return Unassigned::WantsNotMet === $reason
            ? \sprintf('no mode of %s has %s', $profile->model, '' === $words ? 'any channels' : $words)
            : ($desk->layout->hasButtons() ? \sprintf('all %d buttons are given', $desk->buttons ?? 0) : 'no run of faders is left');
    }

    private static function place(Desk $desk, int $universe, int $address): string
    {
        $button = $universe === $desk->universe ? $desk->buttonAt($address) : null;

        return \sprintf('%d.%03d%s', $universe, $address, null === $button ? '' : \sprintf(', %s %d%s', mb_strtolower($desk->handling->keys->of('button')), $button, $desk->startsAt($address) ? '' : ' (not at its start)'));
    }

    private static function sentence(Desk $desk, DeskPlan $plan, int $changes): string
    {
        $parts = [0 === $changes ? 'No ladder trip' : ucfirst(LadderTrips::say($changes))];
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
            $parts[] = 1 === \count($plan->unassigned) ? 'no place for 1 unit' : \sprintf('no place for %d units', \count($plan->unassigned));
        }

        return implode(' · ', $parts);
    }

    /**
     * Units without a place stay where they are, and somebody may stand there then.
     *
     * @param array<string, Assignment> $assigned
     * @param list<AdviceWish>          $wishes
     *
     * @return list<string>
     */
    private static function warnings(Snapshot $snapshot, Desk $desk, array $assigned, array $wishes): array
    {
        $placed = array_map(static function (PatchedFixture $one) use ($assigned, $desk): Placed {
            $to = $assigned[(string) $one->id()] ?? null;

            return null === $to ? Snapshot::placed($one) : new Placed((string) $one->id(), $desk->universe, Span::at($to->address, $to->mode->footprint), $to->mode->key);
        }, $snapshot->fixtures);
        $planned = array_fill_keys(array_map(static fn (AdviceWish $one): string => $one->fixtureId, $wishes), true);
        $warnings = [];
        foreach (AddressCheck::of($placed)->relations as $one) {
            if (null !== $one->b && RelationKind::Twins !== $one->kind && (isset($planned[$one->a->id]) || isset($planned[$one->b->id]))) {
                $warnings[] = \sprintf('%s and %s would share %s.', $snapshot->fixture($one->a->id)->name(), $snapshot->fixture($one->b->id)->name(), $one->from === $one->to ? (string) $one->from : $one->from.'–'.$one->to);
            }
        }

        return $warnings;
    }
}
