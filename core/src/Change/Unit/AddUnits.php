<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Patch\Place;
use Rigger\Core\Patch\Span;
use Rigger\Core\Plan\SlotMap;
use Rigger\Core\Plan\Spacing;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** Hangs new units, each at the next place that is free and as wide as it needs, or as twins of one that hangs. */
final readonly class AddUnits implements Change
{
    /** Universes in which room is looked for, from the desk's on. */
    private const UNIVERSES = 64;

    /**
     * @param string|null $twinOf   unit that the new ones shall listen like; type and mode then follow it
     * @param string      $spacing  packed, round, stride or buttons (where the desk's begin)
     * @param int         $step     of round and stride
     * @param int         $first    of stride
     * @param int         $together how many share an address: 1 for none, 2 for twins in pairs
     * @param string|null $at       where the first shall go, as it is typed ("37", "u2 85"), and the others behind it; null for any room
     */
    public function __construct(
        public string $type,
        public string $mode,
        #[Within(1, 500, 'Add 1 to 500 units at once, not {value}.')] public int $count,
        public string $name,
        #[OneOf(['packed', 'round', 'stride', 'buttons'], 'Say packed, round, stride or buttons.')] public string $spacing = 'packed',
        #[Within(1, 512, 'A step is 1 to 512.')] public int $step = 10,
        #[Within(1, 512, 'An address is 1 to 512.')] public int $first = 1,
        #[Within(1, 500, 'At least one unit listens to an address, and at most 500.')] public int $together = 1,
        public ?string $twinOf = null,
        public ?string $at = null,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $units = $this->units($rig, $world);
        $first = $units[0];
        $names = array_map(static fn (Unit $unit): string => $unit->name, $units);
        $last = $names[\count($names) - 1];
        $at = $first->place->words();

        return new Applied($rig->withUnits(...$units), match (true) {
            null !== $this->twinOf => \sprintf(
                'Patched %s as twin%s of %s at %s',
                implode(', ', $names),
                1 === \count($names) ? '' : 's',
                $rig->unit($this->twinOf)->name,
                $at,
            ),
            1 === \count($names) => \sprintf('Patched %s at %s', $names[0], $at),
            default => \sprintf('Patched %d units, %s to %s, from %s', \count($names), $names[0], $last, $at),
        }, array_map(static fn (Unit $unit): string => $unit->id, $units));
    }

    /**
     * The units that would hang.
     *
     * @return non-empty-list<Unit>
     *
     * @throws InputError as applyTo
     */
    public function units(Rig $rig, World $world): array
    {
        $twin = null === $this->twinOf ? null : $rig->unit($this->twinOf);
        $revision = $twin?->revision() ?? $world->latest($this->type);
        $mode = UsableMode::of($revision, $twin?->mode()->key ?? $this->mode);
        $names = UnitNames::next($rig, Limits::name($this->name, 'name'), $this->count);
        $hanging = \count($rig->units);
        $places = null === $twin ? $this->places($rig, $mode) : array_fill(0, $this->count, $twin->place);
        if ($hanging + \count($names) > Limits::UNITS) {
            throw self::full($hanging);
        }

        return array_map(
            static fn (string $name, Place $place): Unit => new Unit($world->newId(), $name, $revision, $mode->key, $place),
            $names,
            $places,
        );
    }

    public static function full(int $hanging): InputError
    {
        return InputError::because(
            'out_of_range',
            'count',
            \sprintf('A rig holds at most %d units; %d hang already.', Limits::UNITS, $hanging),
        );
    }

    /** "6 Drum 6 of 9 channels at 3 addresses, from 1.100 to 1.126." */
    public static function sentence(Unit ...$units): string
    {
        $units = array_values($units);
        $first = $units[0]->place;
        $last = $units[\count($units) - 1];
        $addresses = \count(array_unique(array_map(static fn (Unit $unit): string => $unit->place->words(), $units)));

        return 1 === \count($units)
            ? \sprintf('%s takes %s to %03d.', $last->name, $first->words(), $last->span()->last())
            : \sprintf(
                '%d %s of %d channels at %d address%s, from %s to %s.',
                \count($units),
                $last->model(),
                $last->footprint(),
                $addresses,
                1 === $addresses ? '' : 'es',
                $first->words(),
                (new Place($last->place->universe, $last->span()->last()))->words(),
            );
    }

    /** @return list<Place> one a unit */
    private function places(Rig $rig, Mode $mode): array
    {
        $slots = TakenSlots::of($rig, self::UNIVERSES, $rig->universe());
        $places = [];
        $at = $this->at($rig);
        if (null !== $at) {
            $slots->begin($at);
        }
        while (\count($places) < $this->count) {
            $first = [] === $places && null !== $at ? $slots->fitFrom($at, $mode->footprint()) : null;
            $place = $first ?? $this->next($rig, $slots, $mode->footprint()) ?? throw $this->noRoom($mode, \count($places));
            $slots->take($place, $mode->footprint());
            array_push($places, ...array_fill(0, min($this->together, $this->count - \count($places)), $place));
        }

        return $places;
    }

    /** @throws InputError as Place::typed, field "at" */
    private function at(Rig $rig): ?Place
    {
        if (null === $this->at || '' === trim($this->at)) {
            return null;
        }
        try {
            return Place::typed($this->at, $rig->universe());
        } catch (InputError $error) {
            throw InputError::because($error->errorCode, 'at', $error->getMessage());
        }
    }

    /**
     * What of the wish could not be had as asked.
     *
     * @param non-empty-list<Unit> $units as they would hang
     *
     * @return list<string>
     */
    public function notes(Rig $rig, array $units): array
    {
        $first = $units[0];
        $at = null === $this->twinOf ? $this->at($rig) : null;
        $isShort = null === $this->twinOf && $this->together > 1 && 0 !== $this->count % $this->together;

        return array_values(array_filter([
            null === $at || $at->equals($first->place) ? null : \sprintf(
                '%s %s: %s goes to %s, the next place that is free.',
                $at->words(),
                $this->whyNot($rig, $at, $first),
                $first->name,
                $first->place->words(),
            ),
            $isShort ? \sprintf(
                '%d do not divide into %s: %s has %s.',
                $this->count,
                [2 => 'pairs', 3 => 'threes', 4 => 'fours'][$this->together] ?? 'groups of '.$this->together,
                $units[\count($units) - 1]->name,
                1 === $this->count % $this->together ? 'its address alone' : 'fewer twins',
            ) : null,
        ], is_string(...)));
    }

    /** Why a unit cannot begin at an address. */
    private function whyNot(Rig $rig, Place $at, Unit $unit): string
    {
        $last = $at->address + $unit->footprint() - 1;
        if ($last > Span::LAST_SLOT) {
            return \sprintf('starts too late: %d channels would end at %d', $unit->footprint(), $last);
        }
        $span = Span::at($at->address, $unit->footprint());
        foreach ($rig->units as $other) {
            $shared = $other->place->universe === $at->universe ? $span->shared($other->span()) : null;
            if (null !== $shared) {
                return \sprintf('is not free, %s is at %s', $other->name, $other->place->words());
            }
        }
        foreach ($rig->holds as $hold) {
            if (null !== $hold->shared($at->universe, $span)) {
                return 'is held for '.$hold->name;
            }
        }

        return 'is not free';
    }

    private function next(Rig $rig, SlotMap $slots, int $footprint): ?Place
    {
        if ('buttons' !== $this->spacing) {
            return $slots->firstFit($footprint, match ($this->spacing) {
                'round' => Spacing::round($this->step),
                'stride' => Spacing::stride($this->step, $this->first),
                default => Spacing::packed(),
            });
        }
        $desk = $rig->desk();
        if (null === $desk || !$desk->layout->hasButtons()) {
            throw InputError::because('not_a_choice', 'spacing', 'The rig\'s desk has no buttons that units could begin at.');
        }
        foreach ($desk->starts() as $start) {
            if ($slots->isFree($place = new Place($desk->universe, $start), $footprint)) {
                return $place;
            }
        }

        return null;
    }

    private function noRoom(Mode $mode, int $placed): InputError
    {
        $channels = 1 === $mode->footprint() ? '1 channel' : $mode->footprint().' channels';
        $missing = $this->count - $placed;

        return InputError::because('no_room', 'count', 'buttons' === $this->spacing
            ? \sprintf(
                'No free button is left: there is room for %d of %d units of %s at the desk\'s buttons, %d too few. Free addresses '
                    .'between them can still be used.',
                $placed,
                $this->count,
                $channels,
                $missing,
            )
            : \sprintf(
                'There is room for %d of %d units of %s in %d universes, %d too few.',
                $placed,
                $this->count,
                $channels,
                self::UNIVERSES,
                $missing,
            ));
    }
}
