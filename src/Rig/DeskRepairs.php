<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Problem\Problem;
use Rigger\App\Rig\View\RepairView;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Desk\Fader;
use Rigger\Core\Patch\FreePlace;
use Rigger\Core\Patch\Span;
use Rigger\Core\Profile\Mode;

/** What can be done about a finding of the desk's map, each as one button. Twins are put right together, so they stay twins. */
final class DeskRepairs
{
    /** Which repairs answer which finding, the smallest first. */
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
    /** @var list<PatchedFixture>|null */
    private ?array $here = null;
    /** @var array<int, true>|null addresses that a fader drives */
    private ?array $reached = null;
    /** @var array<string, non-empty-list<PatchedFixture>>|null by place and mode */
    private ?array $groups = null;

    public function __construct(private readonly Snapshot $snapshot, private readonly Desk $desk)
    {
    }

    /** @return list<RepairView> */
    public function of(PatchedFixture $fixture, string $code): array
    {
        $offers = [];
        foreach (self::ANSWERS[$code] ?? [] as $key) {
            $label = match ($key) {
                'move' => $this->moveLabel($fixture),
                'mode' => $this->modeLabel($fixture),
                'buttons' => $this->buttonsLabel($fixture),
                default => $this->twinLabel($fixture),
            };
            if (null !== $label) {
                $offers[] = new RepairView($label, (string) $fixture->id(), desk: $key);
            }
        }

        return $offers;
    }

    /** Why nothing is offered to a unit that should stand elsewhere; null for findings that no move would answer. */
    public function whyNone(PatchedFixture $fixture, string $code): ?string
    {
        return match (true) {
            !\in_array('move', self::ANSWERS[$code] ?? [], true) => null,
            $this->isHeld($fixture) => 'It is locked where it is.',
            default => $this->desk->layout->hasButtons() ? 'No free button has room for it.' : 'No free run of faders has room for it.',
        };
    }

    public static function takeOneAgain(PatchedFixture $fixture): RepairView
    {
        return new RepairView('Hold it to one button again', (string) $fixture->id(), desk: 'one');
    }

    /**
     * @return string what was done
     *
     * @throws Problem when it cannot be done any more
     */
    public function apply(string $fixtureId, string $key, Swapping $swapping): string
    {
        $fixture = $this->snapshot->fixture($fixtureId);

        return match ($key) {
            'move' => $this->move($fixture),
            'mode' => $this->setMode($fixture, $swapping),
            'buttons' => $this->takeButtons($fixture),
            'one' => $this->takeOne($fixture),
            'twin' => $this->makeTwin($fixture),
            default => throw Problem::at('key', 'not_a_choice', 'A repair at the desk is move, mode, buttons, one or twin.'),
        };
    }

    private function moveLabel(PatchedFixture $fixture): ?string
    {
        $address = $this->isHeld($fixture) ? null : $this->freeFor($fixture);

        return null === $address ? null : \sprintf('Move %s to %s: %s', $this->names($fixture), $this->place($address), $this->trips($fixture));
    }

    private function move(PatchedFixture $fixture): string
    {
        $address = $this->freeFor($fixture) ?? throw self::gone();
        $names = $this->names($fixture);
        foreach ($this->together($fixture) as $one) {
            $one->moveTo($this->desk->universe, $address);
        }

        return \sprintf('Moved %s to %s of %s', $names, $this->place($address), $this->desk->name);
    }

    private function modeLabel(PatchedFixture $fixture): ?string
    {
        $mode = $this->fittingMode($fixture);

        return null === $mode ? null : \sprintf('Use its %d-channel mode: %s', $mode->footprint(), $this->trips($fixture));
    }

    private function setMode(PatchedFixture $fixture, Swapping $swapping): string
    {
        $mode = $this->fittingMode($fixture) ?? throw self::gone();
        $names = $this->names($fixture);
        foreach ($this->together($fixture) as $one) {
            $swapping->setMode($this->snapshot, (string) $one->id(), $mode->key);
        }

        return \sprintf('Set %s to mode %s, which fits %s', $names, $mode->name, $this->desk->name);
    }

    private function buttonsLabel(PatchedFixture $fixture): ?string
    {
        try {
            $moves = $this->makeWay($fixture);
        } catch (Problem) {
            return null;
        }
        $moved = array_map(fn (array $move): string => \sprintf('%s moves to %s', $this->names($move[0]), $this->place($move[1])), $moves);
        $trips = array_sum(array_map(fn (array $move): int => \count($this->together($move[0])), $moves));

        return \sprintf('Let it take %d buttons%s', $this->buttonsOf($fixture), [] === $moves ? '' : \sprintf(': %s (%s)', implode(', ', $moved), LadderTrips::say($trips)));
    }

    private function takeButtons(PatchedFixture $fixture): string
    {
        $buttons = $this->buttonsOf($fixture);
        if ($buttons < 2) {
            throw self::gone();
        }
        $moved = '';
        foreach ($this->makeWay($fixture) as [$other, $address]) {
            $moved .= \sprintf(' and moved %s to %s', $this->names($other), $this->place($address));
            foreach ($this->together($other) as $one) {
                $one->moveTo($this->desk->universe, $address);
            }
        }
        foreach ($this->together($fixture) as $one) {
            $one->takeButtons($buttons);
        }

        return \sprintf('Let %s take %d buttons%s', $this->names($fixture), $buttons, $moved);
    }

    private function takeOne(PatchedFixture $fixture): string
    {
        foreach ($this->together($fixture) as $one) {
            $one->takeButtons(null);
        }

        return \sprintf('%s is held to one button again', $this->names($fixture));
    }

    private function twinLabel(PatchedFixture $fixture): ?string
    {
        $other = $this->isHeld($fixture) ? null : $this->alike($fixture);

        return null === $other ? null : \sprintf('Make %s a twin of %s at %03d: %s', $this->names($fixture), $other->name(), $other->span()->first, $this->trips($fixture));
    }

    private function makeTwin(PatchedFixture $fixture): string
    {
        $other = $this->alike($fixture) ?? throw self::gone();
        $names = $this->names($fixture);
        foreach ($this->together($fixture) as $one) {
            $one->moveTo($other->universe(), $other->span()->first);
        }

        return \sprintf('Made %s a twin of %s', $names, $other->name());
    }

    /** One of the same chart and mode that answers to the same button from another address. */
    private function alike(PatchedFixture $fixture): ?PatchedFixture
    {
        foreach ($this->here() as $other) {
            if ($other !== $fixture && $other->modeIdentity() === $fixture->modeIdentity()
                && $other->span()->first !== $fixture->span()->first && $this->desk->startsAt($other->span()->first)
                && $this->desk->buttonAt($other->span()->first) === $this->desk->buttonAt($fixture->span()->first)) {
                return $other;
            }
        }

        return null;
    }

    /**
     * Where those go that stand on the buttons which a unit takes beside its own.
     *
     * @return list<array{PatchedFixture, int}> one of each group of twins, and its new address
     *
     * @throws Problem no_room
     */
    private function makeWay(PatchedFixture $fixture): array
    {
        $group = $this->together($fixture);
        $taken = [];
        $moving = [];
        foreach ($this->here() as $other) {
            if (\in_array($other, $group, true)) {
                continue;
            }
            $isInTheWay = null !== $fixture->span()->shared($other->span());
            if (!$isInTheWay || $other->isLocked()) {
                $taken[] = $other->span();
            }
            if ($isInTheWay && $other->isLocked()) {
                throw Problem::conflict('locked', \sprintf('%s is locked at %s.', $other->name(), $this->place($other->span()->first)));
            }
            if ($isInTheWay) {
                $moving[$this->key($other)] ??= $other;
            }
        }
        $taken[] = $fixture->span();
        $moves = [];
        foreach ($moving as $other) {
            $address = FreePlace::lowest($taken, $other->span()->footprint, $this->starts($other->span()->footprint)) ?? throw Problem::conflict('no_room', \sprintf('No button is free for %s.', $other->name()));
            $taken[] = Span::at($address, $other->span()->footprint);
            $moves[] = [$other, $address];
        }

        return $moves;
    }

    /** Buttons in whose addresses its channels lie. */
    public function buttonsOf(PatchedFixture $fixture): int
    {
        $first = $this->desk->buttonAt($fixture->span()->first);
        $last = $this->desk->buttonAt($fixture->span()->lastInUniverse()) ?? $this->desk->buttons;

        return null === $first || null === $last ? 1 : $last - $first + 1;
    }

    private function fittingMode(PatchedFixture $fixture): ?Mode
    {
        $room = $this->room();
        $own = $fixture->mode();
        $fitting = array_filter($fixture->revision()->profile()->modes, static fn (Mode $one): bool => $one->key !== $own->key && $one->footprint() > 0 && $one->footprint() <= $room && $one->footprint() < $own->footprint());
        usort($fitting, static fn (Mode $one, Mode $other): int => $other->footprint() <=> $one->footprint());

        return $fitting[0] ?? null;
    }

    /** Where the unit has room with every channel on a fader; null where it has none, or stands there already. */
    private function freeFor(PatchedFixture $fixture): ?int
    {
        $footprint = $fixture->span()->footprint;
        if ($this->isOnAFader($fixture)) {
            return $this->search($footprint, $this->together($fixture));
        }
        if (!\array_key_exists($footprint, $this->free)) {
            $this->free[$footprint] = $this->search($footprint, []);
        }

        return $this->free[$footprint];
    }

    /** @return list<PatchedFixture> those in the desk's universe */
    private function here(): array
    {
        return $this->here ??= array_values(array_filter($this->snapshot->fixtures, fn (PatchedFixture $one): bool => $one->universe() === $this->desk->universe));
    }

    private function isOnAFader(PatchedFixture $fixture): bool
    {
        $this->reached ??= array_fill_keys(array_map(static fn (Fader $one): int => $one->address, $this->desk->faders()), true);
        if ($fixture->universe() === $this->desk->universe) {
            for ($address = $fixture->span()->first; $address <= $fixture->span()->lastInUniverse(); ++$address) {
                if (isset($this->reached[$address])) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param list<PatchedFixture> $group those that go there, and are in nobody's way */
    private function search(int $footprint, array $group): ?int
    {
        $taken = [];
        foreach ($this->here() as $other) {
            if (!\in_array($other, $group, true)) {
                $taken[] = $other->span();
            }
        }

        return FreePlace::lowest($taken, $footprint, $this->starts($footprint));
    }

    /** @return list<int> addresses at which a footprint has all of its channels on faders of its own button */
    private function starts(int $footprint): array
    {
        if ($footprint > $this->room()) {
            return [];
        }

        return $this->desk->layout->hasButtons() ? DeskViewFactory::starts($this->desk) : range($this->desk->first, $this->desk->first + $this->desk->rowLength() - $footprint);
    }

    private function room(): int
    {
        return $this->desk->layout->hasButtons() ? $this->desk->reach() : $this->desk->rowLength();
    }

    /** @return non-empty-list<PatchedFixture> the unit and its twins */
    private function together(PatchedFixture $fixture): array
    {
        if (null === $this->groups) {
            $this->groups = [];
            foreach ($this->snapshot->fixtures as $one) {
                $this->groups[$this->key($one)][] = $one;
            }
        }

        return $this->groups[$this->key($fixture)] ?? [$fixture];
    }

    private function key(PatchedFixture $fixture): string
    {
        return $fixture->universe().'.'.$fixture->span()->first.' '.$fixture->modeIdentity();
    }

    private function isHeld(PatchedFixture $fixture): bool
    {
        return [] !== array_filter($this->together($fixture), static fn (PatchedFixture $one): bool => $one->isLocked());
    }

    private function names(PatchedFixture $fixture): string
    {
        return implode(' and ', array_map(static fn (PatchedFixture $one): string => $one->name(), $this->together($fixture)));
    }

    private function trips(PatchedFixture $fixture): string
    {
        return LadderTrips::say(\count($this->together($fixture)));
    }

    private function place(int $address): string
    {
        $button = $this->desk->buttonAt($address);

        return null === $button ? \sprintf('%03d', $address) : \sprintf('%03d (%s %d)', $address, mb_strtolower($this->desk->handling->keys->of('button')), $button);
    }

    private static function gone(): Problem
    {
        return Problem::conflict('nothing_to_do', 'There is nothing to repair there any more, or no room for it.');
    }
}
