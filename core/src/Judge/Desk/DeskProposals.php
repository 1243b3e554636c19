<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Desk;

use Rigger\Core\Change\Proposal;
use Rigger\Core\Change\Refused;
use Rigger\Core\Change\Unit\MoveUnits;
use Rigger\Core\Change\Unit\SetMode;
use Rigger\Core\Change\Unit\TakeButtons;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Desk\Fader;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Patch\Occupancy;
use Rigger\Core\Patch\Place;
use Rigger\Core\Patch\Span;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\TwinGroup;
use Rigger\Core\Rig\Unit;

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

    /** @var array<int, int|null> free address by footprint, for units that stand on no fader: one search does for all */
    private array $free = [];
    /** @var list<Unit>|null */
    private ?array $here = null;
    /** @var array<int, true>|null addresses that a fader drives */
    private ?array $reached = null;

    private function __construct(private readonly Rig $rig, private readonly Desk $desk)
    {
    }

    /** @throws Refused no_desk */
    public static function of(Rig $rig): self
    {
        return new self($rig, $rig->desk() ?? throw Refused::noDesk('its faders are what is judged'));
    }

    /** @return list<Proposal> */
    public function for(Finding $finding): array
    {
        $unit = $this->rig->unit($finding->units[0]);
        if (true === ($finding->figures['isMeant'] ?? null)) {
            return [new Proposal('Hold it to one button again', [new TakeButtons($this->rig->together($unit)->ids(), null)])];
        }

        return array_values(array_filter(array_map(fn (string $key): ?Proposal => match ($key) {
            'move' => $this->move($unit),
            'mode' => $this->mode($unit),
            'buttons' => $this->buttons($unit),
            default => $this->twin($unit),
        }, self::ANSWERS[$finding->code] ?? []), static fn (?Proposal $proposal): bool => null !== $proposal));
    }

    /**
     * @return string|null why nothing is offered to a unit that should stand elsewhere, as a code: locked, no_button or no_faders; null
     *                     for findings that no move would answer
     */
    public function whyNone(Finding $finding): ?string
    {
        return match (true) {
            !\in_array('move', self::ANSWERS[$finding->code] ?? [], true) => null,
            $this->rig->together($this->rig->unit($finding->units[0]))->isLocked() => 'locked',
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

    private function move(Unit $unit): ?Proposal
    {
        $group = $this->rig->together($unit);
        $address = $group->isLocked() ? null : $this->freeFor($unit, $group);

        return null === $address ? null : new Proposal(
            \sprintf('Move %s to %s: %s', $group->names(), $this->place($address), self::trips($group)),
            [MoveUnits::at(new Place($this->desk->universe, $address), ...$group->ids())],
            \count($group->units),
        );
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

    private function twin(Unit $unit): ?Proposal
    {
        $group = $this->rig->together($unit);
        $other = $group->isLocked() ? null : $this->alike($unit);

        return null === $other
            ? null
            : new Proposal(
                \sprintf('Make %s a twin of %s at %03d: %s', $group->names(), $other->name, $other->place->address, self::trips($group)),
                [MoveUnits::at($other->place, ...$group->ids())],
                \count($group->units),
            );
    }

    /** One of the same chart and mode that answers to the same button from another address. */
    private function alike(Unit $unit): ?Unit
    {
        foreach ($this->here() as $other) {
            if ($other->at->identity === $unit->at->identity
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
            if ($other->isLocked) {
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

    /**
     * Whether what is offered to a unit that stands on no fader is the same beside another rig: the room for it is all that matters then.
     */
    public function offersTheSame(self $other, Unit $unit): bool
    {
        return !$this->isOnAFader($unit) && $this->freeFor($unit, $this->rig->together($unit)) === $other->freeFor(
            $unit,
            $other->rig->together($unit),
        );
    }

    /** Where the unit has room with every channel on a fader; null where it has none, or stands there already. */
    private function freeFor(Unit $unit, TwinGroup $group): ?int
    {
        $footprint = $unit->footprint();
        if ($this->isOnAFader($unit)) {
            return $this->lowest(
                $this->rig->occupancy($this->desk->universe)->without(...array_map(
                    static fn (Unit $unit): Span => $unit->span(),
                    $group->units,
                )),
                $footprint,
            );
        }
        if (!\array_key_exists($footprint, $this->free)) {
            $this->free[$footprint] = $this->lowest($this->rig->occupancy($this->desk->universe), $footprint);
        }

        return $this->free[$footprint];
    }

    /** @return list<Unit> those in the desk's universe */
    private function here(): array
    {
        return $this->here ??= array_values(array_filter(
            $this->rig->units,
            fn (Unit $unit): bool => $unit->place->universe === $this->desk->universe,
        ));
    }

    private function isOnAFader(Unit $unit): bool
    {
        $this->reached ??= array_fill_keys(array_map(static fn (Fader $fader): int => $fader->address, $this->desk->faders()), true);
        if ($unit->place->universe === $this->desk->universe) {
            for ($address = $unit->place->address; $address <= $unit->span()->lastInUniverse(); ++$address) {
                if (isset($this->reached[$address])) {
                    return true;
                }
            }
        }

        return false;
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
            : \sprintf('%03d (%s %d)', $address, mb_strtolower($this->desk->manual->keys->of('button')), $button);
    }
}
