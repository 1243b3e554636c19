<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Desk;

use Rigger\Core\Desk\Assignment;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Desk\Unassigned;
use Rigger\Core\Desk\Want;
use Rigger\Core\Patch\Place;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Rig\Unit;

/** What a plan for the desk does with one unit. */
final readonly class AdviceRow
{
    /**
     * @param Mode|null    $mode  null where no place was found
     * @param list<string> $costs what it gives up and gains; for a unit without a place, why
     */
    private function __construct(
        public Unit $unit,
        private Desk $desk,
        public ?Mode $mode,
        public ?Place $to,
        public ?int $button,
        public bool $isChanged,
        public array $costs,
    ) {
    }

    public static function of(Desk $desk, Unit $unit, UnitWish $wish, Assignment|Unassigned $outcome): self
    {
        if ($outcome instanceof Unassigned) {
            return new self($unit, $desk, null, null, null, false, [self::why($unit, $desk, $wish, $outcome)]);
        }
        $mode = $unit->revision()->profile->mode(substr(
            $outcome->mode->key,
            \strlen($unit->revision()->id) + 1,
        )) ?? throw new \LogicException('A plan chooses among the modes of the chart.');
        $to = new Place($desk->universe, $outcome->address);

        return new self(
            $unit,
            $desk,
            $mode,
            $to,
            $outcome->button,
            $unit->at->identity !== $outcome->mode->key || !$unit->place->equals($to),
            self::costs($unit, $mode),
        );
    }

    /** "1.013, button 2" of where it is now. */
    public function from(): string
    {
        return self::place($this->desk, $this->unit->place);
    }

    /** "1.013, button 2" of where it would be; null without a place. */
    public function toWords(): ?string
    {
        return null === $this->to ? null : self::place($this->desk, $this->to);
    }

    /** @return list<string> */
    private static function costs(Unit $unit, Mode $mode): array
    {
        $profile = $unit->revision()->profile;
        $now = $unit->mode();
        $lost = array_filter(
            Want::cases(),
            static fn (Want $want): bool => Want::NoPrograms !== $want
                && $want->isMetBy($profile, $now)
                && !$want->isMetBy($profile, $mode),
        );
        $gained = array_filter(
            Want::cases(),
            static fn (Want $want): bool => !$want->isMetBy($profile, $now) && $want->isMetBy($profile, $mode),
        );

        return [
            ...array_map(static fn (Want $want): string => 'gives up '.$want->words(), array_values($lost)),
            ...array_map(static fn (Want $want): string => 'gains '.$want->words(), array_values($gained)),
        ];
    }

    private static function why(Unit $unit, Desk $desk, UnitWish $wish, Unassigned $reason): string
    {
        $profile = $unit->revision()->profile;
        $words = implode(' and ', array_map(static fn (string $want): string => Want::from($want)->words(), $wish->wants));
        if (Unassigned::NoModeFits === $reason) {
            $room = $desk->layout->hasButtons() ? $desk->reach() : $desk->rowLength();
            $wants = array_map(Want::from(...), $wish->wants);
            $able = array_filter(
                $profile->modes,
                static fn (Mode $mode): bool => [] === array_filter(
                    $wants,
                    static fn (Want $want): bool => !$want->isMetBy($profile, $mode),
                ),
            );
            $shortest = [] === $able ? 0 : min(array_map(static fn (Mode $mode): int => $mode->footprint(), $able));

            return $shortest <= $room
                ? 'it cannot be set to the mode of the unit it is to go with'
                : \sprintf('its shortest mode with that has %d channels, and there are faders for %d', $shortest, $room);
        }

        return Unassigned::WantsNotMet === $reason
            ? \sprintf('no mode of %s has %s', $profile->model, '' === $words ? 'any channels' : $words)
            : ($desk->layout->hasButtons() ? \sprintf('all %d buttons are given', $desk->buttons ?? 0) : 'no run of faders is left');
    }

    private static function place(Desk $desk, Place $place): string
    {
        $button = $place->universe === $desk->universe ? $desk->buttonAt($place->address) : null;

        return $place->words().(null === $button ? '' : \sprintf(
            ', %s %d%s',
            mb_strtolower($desk->manual->keys->of('button')),
            $button,
            $desk->startsAt($place->address) ? '' : ' (not at its start)',
        ));
    }
}
