<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Desk;

use Rigger\Core\Change\Proposal;
use Rigger\Core\Change\Refused;
use Rigger\Core\Change\Unit\MoveUnits;
use Rigger\Core\Change\Unit\SetMode;
use Rigger\Core\Change\Unit\TakeButtons;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Judge\NewPlaces;
use Rigger\Core\Patch\Occupancy;
use Rigger\Core\Patch\Place;
use Rigger\Core\Patch\Span;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\TwinGroup;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Text\Names;

/** What can be done about a finding of the desk's map, each as one button. Twins are put right together, so they stay twins. */
final class DeskProposals
{
    /** Which proposals answer which finding, the smallest first. */
    private const ANSWERS = [
        'not_aligned' => ['move'],
        'spills' => ['mode', 'buttons'],
        'hidden' => ['mode', 'move'],
        'shared_button' => ['twin', 'move'],
        'out_of_reach' => ['move'],
        'other_universe' => ['move'],
    ];

    /** So many single moves are offered beside the one for all. */
    private const SINGLE = 4;

    /** @var list<Unit>|null */
    private ?array $here = null;

    private function __construct(private readonly Rig $rig, private readonly Desk $desk, private readonly NewPlaces $places)
    {
    }

    /** @throws Refused no_desk */
    public static function of(Rig $rig, NewPlaces $places): self
    {
        return new self($rig, $rig->desk() ?? throw Refused::noDesk('its faders are what is judged'), $places);
    }

    /** @return list<Proposal> */
    public function for(Finding $finding): array
    {
        $unit = $this->rig->unit($finding->units[0]);
        if (true === ($finding->figures['isMeant'] ?? null)) {
            return [new Proposal('Hold it to one button again', [new TakeButtons($this->rig->together($unit)->ids(), null)])];
        }
        $proposals = [];
        foreach (self::ANSWERS[$finding->code] ?? [] as $key) {
            array_push($proposals, ...match ($key) {
                'move' => $this->moves($finding),
                'mode' => array_filter([$this->mode($unit)]),
                'buttons' => array_filter([$this->buttons($unit)]),
                default => array_filter([$this->twin($finding)]),
            });
        }

        return $proposals;
    }

    /**
     * @return string|null why nothing is offered to a unit that should stand elsewhere, as a code: locked, no_button or no_faders; null
     *                     for findings that no move would answer
     */
    public function whyNone(Finding $finding): ?string
    {
        $groups = $this->groups($finding);
        $locked = \count(array_filter($groups, static fn (TwinGroup $group): bool => $group->isLocked()));
        $isLocked = null === $finding->cause ? $locked > 0 : $locked === \count($groups);

        return match (true) {
            !\in_array('move', self::ANSWERS[$finding->code] ?? [], true) => null,
            $isLocked => 'locked',
            default => $this->desk->layout->hasButtons() ? 'no_button' : 'no_faders',
        };
    }

    /** Buttons in whose addresses a unit's channels lie. */
    public static function buttonsOf(Desk $desk, Unit $unit): int
    {
        $first = $desk->buttonAt($unit->place->address);
        $last = $desk->buttonAt($unit->span()->lastInUniverse()) ?? $desk->buttons;

        return null === $first || null === $last ? 1 : $last - $first + 1;
    }

    /** @return list<Proposal> all that find room at once, then the first of them one by one */
    private function moves(Finding $finding): array
    {
        $groups = $this->groups($finding);
        $going = 'shared_button' === $finding->code
            ? $this->places->movers($groups)
            : array_values(array_filter($groups, fn (TwinGroup $group): bool => null !== $this->places->onFaders($group)));
        $single = array_map($this->move(...), \array_slice($going, 0, self::SINGLE));

        return \count($going) > 1 ? [$this->moveAll($going, \count($groups)), ...$single] : $single;
    }

    private function move(TwinGroup $group): Proposal
    {
        $place = $this->placeOf($group);

        return new Proposal(
            \sprintf('Move %s to %s: %s', $group->names(), $this->place($place->address), self::trips($group)),
            [MoveUnits::at($place, ...$group->ids())],
            \count($group->units),
            $this->recabled([$group]),
        );
    }

    /**
     * @param non-empty-list<TwinGroup> $groups
     * @param int                       $all    how many should go
     */
    private function moveAll(array $groups, int $all): Proposal
    {
        $trips = array_sum(array_map(static fn (TwinGroup $group): int => \count($group->units), $groups));

        return new Proposal(
            \sprintf(
                'Move %s to %s: %s',
                match (true) {
                    \count($groups) < $all => 'the '.$trips.' that find room',
                    2 === $trips => 'both',
                    default => 'all '.$trips,
                },
                $this->desk->layout->hasButtons() ? 'free '.$this->buttonWord().'s' : 'free faders',
                Proposal::tripsInWords($trips),
            ),
            array_map(fn (TwinGroup $group): MoveUnits => MoveUnits::at($this->placeOf($group), ...$group->ids()), $groups),
            $trips,
            $this->recabled($groups),
        );
    }

    /**
     * @param list<TwinGroup> $groups that go to the desk's universe
     *
     * @return list<string> whose cable carries another
     */
    private function recabled(array $groups): array
    {
        $names = [];
        foreach ($groups as $group) {
            foreach ($group->units as $unit) {
                $run = $this->rig->cabling()->runOf($unit->id);
                $carries = null === $run ? null : $this->rig->cabling()->universe($run);
                if (null !== $carries && $carries === $unit->place->universe && $carries !== $this->desk->universe) {
                    $names[] = $unit->name;
                }
            }
        }

        return [] === $names ? [] : [\sprintf(
            'The cable of %s carries another universe: %s another run then.',
            Names::few($names),
            1 === \count($names) ? 'it needs' : 'they need',
        )];
    }

    private function placeOf(TwinGroup $group): Place
    {
        return $this->places->onFaders($group) ?? throw new \LogicException('Only groups with a new place are moved.');
    }

    /** @return list<TwinGroup> of the finding's units, each once */
    private function groups(Finding $finding): array
    {
        $groups = [];
        foreach ($finding->units as $id) {
            $group = $this->rig->together($this->rig->unit($id));
            $groups[$group->key()] = $group;
        }

        return array_values($groups);
    }

    private function mode(Unit $unit): ?Proposal
    {
        $mode = $this->fittingMode($unit);
        $group = $this->rig->together($unit);

        return null === $mode
            ? null
            : new Proposal(
                \sprintf('Use its %d-channel mode: %s', $mode->footprint(), self::trips($group)),
                [new SetMode($group->ids(), $mode->key)],
                \count($group->units),
            );
    }

    private function buttons(Unit $unit): ?Proposal
    {
        $moves = $this->makeWay($unit);
        if (null === $moves) {
            return null;
        }
        $buttons = self::buttonsOf($this->desk, $unit);
        $changes = [];
        $moved = [];
        $trips = 0;
        foreach ($moves as [$group, $address]) {
            $moved[] = \sprintf('%s moves to %s', $group->names(), $this->place($address));
            $changes[] = MoveUnits::at(new Place($this->desk->universe, $address), ...$group->ids());
            $trips += \count($group->units);
        }
        if ($buttons > 1) {
            $changes[] = new TakeButtons($this->rig->together($unit)->ids(), $buttons);
        }

        return [] === $changes
            ? null
            : new Proposal(
                \sprintf(
                    'Let it take %d buttons%s',
                    $buttons,
                    [] === $moved ? '' : \sprintf(': %s (%s)', implode(', ', $moved), Proposal::tripsInWords($trips)),
                ),
                $changes,
                $trips,
            );
    }

    private function twin(Finding $finding): ?Proposal
    {
        foreach (array_reverse($this->groups($finding)) as $group) {
            $other = $group->isLocked() ? null : $this->alike($group->units[0]);
            if (null !== $other) {
                return new Proposal(
                    \sprintf(
                        'Make %s a twin of %s at %03d: %s',
                        $group->names(),
                        $other->name,
                        $other->place->address,
                        self::trips($group),
                    ),
                    [MoveUnits::at($other->place, ...$group->ids())],
                    \count($group->units),
                );
            }
        }

        return null;
    }

    /** One of the same chart and mode that answers to the same button from another address. */
    private function alike(Unit $unit): ?Unit
    {
        foreach ($this->here() as $other) {
            if ($other->at->identity === $unit->at->identity && $this->rig->hasItsSlots($other)
                && $other->place->address !== $unit->place->address && $this->desk->startsAt($other->place->address)
                && $this->desk->buttonAt($other->place->address) === $this->desk->buttonAt($unit->place->address)) {
                return $other;
            }
        }

        return null;
    }

    /**
     * Where those go that stand on the buttons which a unit takes beside its own.
     *
     * @return list<array{TwinGroup, int}>|null groups of twins with their new addresses; null when somebody is locked, or there is no room
     */
    private function makeWay(Unit $unit): ?array
    {
        $group = $this->rig->together($unit);
        $moving = [];
        $spans = [];
        foreach ($this->here() as $other) {
            if ($group->has($other) || null === $unit->span()->shared($other->span())) {
                continue;
            }
            if ($other->stays()) {
                return null;
            }
            $moving[$other->twinKey()] ??= $other;
            $spans[] = $other->span();
        }
        if ([] === $moving) {
            return [];
        }
        $taken = $this->rig->occupancy($this->desk->universe)->without(...$spans);
        $moves = [];
        foreach ($moving as $other) {
            $address = $this->lowest($taken, $other->footprint());
            if (null === $address) {
                return null;
            }
            $taken = $taken->with(Span::at($address, $other->footprint()));
            $moves[] = [$this->rig->together($other), $address];
        }

        return $moves;
    }

    private function fittingMode(Unit $unit): ?Mode
    {
        $room = $this->room();
        $own = $unit->mode();
        $fitting = array_filter(
            $unit->revision()->usableModes(),
            static fn (Mode $mode): bool => $mode->key !== $own->key
                && $mode->footprint() <= $room
                && $mode->footprint() < $own->footprint(),
        );
        usort($fitting, static fn (Mode $one, Mode $other): int => $other->footprint() <=> $one->footprint());

        return $fitting[0] ?? null;
    }

    /** @return list<Unit> those in the desk's universe */
    private function here(): array
    {
        return $this->here ??= array_values(array_filter(
            $this->rig->units,
            fn (Unit $unit): bool => $unit->place->universe === $this->desk->universe,
        ));
    }

    /** The lowest address where a unit has room with every channel on a fader, and a button to itself where there are buttons. */
    private function lowest(Occupancy $taken, int $footprint): ?int
    {
        $starts = $this->starts($footprint);
        if ($this->desk->layout->hasButtons()) {
            $reach = $this->desk->reach();
            $starts = array_values(array_filter(
                $starts,
                static fn (int $start): bool => $taken->isFree($start, min($reach, Span::LAST_SLOT - $start + 1)),
            ));
        }

        return $taken->lowest($footprint, $starts);
    }

    /** @return list<int> addresses at which a footprint has all of its channels on faders of its own button */
    private function starts(int $footprint): array
    {
        if ($footprint > $this->room()) {
            return [];
        }

        return $this->desk->layout->hasButtons()
            ? $this->desk->starts()
            : range($this->desk->first, $this->desk->first + $this->desk->rowLength() - $footprint);
    }

    private function room(): int
    {
        return $this->desk->layout->hasButtons() ? $this->desk->reach() : $this->desk->rowLength();
    }

    private static function trips(TwinGroup $group): string
    {
        return Proposal::tripsInWords(\count($group->units));
    }

    private function place(int $address): string
    {
        $button = $this->desk->buttonAt($address);

        return null === $button
            ? \sprintf('%03d', $address)
            : \sprintf('%03d (%s %d)', $address, $this->buttonWord(), $button);
    }

    /** What the desk itself calls a button, in the middle of a sentence. */
    private function buttonWord(): string
    {
        return mb_strtolower($this->desk->manual->keys->of('button'));
    }
}
