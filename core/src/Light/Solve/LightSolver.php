<?php

declare(strict_types=1);

namespace Rigger\Core\Light\Solve;

use Rigger\Core\Colour\Uv;
use Rigger\Core\Input\InputError;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Light\Lighting;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\RangeFunction;

/**
 * From what somebody wants to see of a unit to the values that give it, for one mode: made once, asked over and over.
 *
 * A mode is taken apart into what dims, what flashes, what colours and what turns; every other channel keeps still.
 */
final class LightSolver
{
    private const LIGHTING = [
        RangeFunction::Intensity, RangeFunction::Open, RangeFunction::Closed, RangeFunction::Strobe, RangeFunction::Pulse,
        RangeFunction::RandomStrobe, RangeFunction::Emitter, RangeFunction::ColourPreset, RangeFunction::Wheel, RangeFunction::WheelSpin,
        RangeFunction::WhitePoint, RangeFunction::Tint, RangeFunction::Program, RangeFunction::Sound, RangeFunction::Reset,
    ];

    /** @var list<int> */
    private readonly array $cells;
    /** @var list<Place> in channel order, low bytes apart */
    private readonly array $places;
    private readonly CompiledMode $compiled;
    private readonly bool $hasEmitters;
    /** @var array<int, true> places of the channels that have to do with light, low bytes too */
    private readonly array $lighting;
    /** @var array<string, EmitterPlaces> by the offsets of their channels */
    private array $emitters = [];
    /** @var array<string, ColourChoices> likewise */
    private array $choices = [];

    /** @throws InputError as CompiledMode::of */
    public function __construct(public readonly FixtureProfile $profile, string $mode)
    {
        $this->compiled = CompiledMode::of($profile, $mode);
        $places = [];
        foreach ($this->compiled->mode->byOffset() as $channel) {
            if (!$channel->isFine()) {
                $places[] = Place::of($this->compiled->mode, $channel);
            }
        }
        $this->places = $places;
        $lighting = [];
        foreach ($places as $place) {
            if ($place->has(...self::LIGHTING)) {
                $lighting[$place->channel->offset - 1] = true;
                if (null !== $place->fine) {
                    $lighting[$place->fine - 1] = true;
                }
            }
        }
        $this->lighting = $lighting;
        $this->cells = $this->compiled->mode->cells();
        $this->hasEmitters = $this->compiled->mode->has(RangeFunction::Emitter);
    }

    /**
     * Whether a channel has to do with how the unit lights: with its dimmers, shutters and colours, or with what could run instead.
     *
     * @param int $place offset − 1
     */
    public function lights(int $place): bool
    {
        return $this->lighting[$place] ?? false;
    }

    /** Of a mode without emitters, its built-in colour that is nearest; null where it has none. */
    public function nearestChoice(Uv $colour): ?Uv
    {
        $choices = $this->hasEmitters ? null : $this->choosing($this->places);

        return null === $choices || $choices->isEmpty() ? null : $choices->colour($colour);
    }

    public function mode(): CompiledMode
    {
        return $this->compiled;
    }

    /**
     * @param array<int, Intent> $cells intents of cells that differ from the unit's; their flash, pan and tilt are not used
     *
     * @throws InputError unknown_cell (field "cells.K"), recipe_needs_rgb
     */
    public function solve(Intent $intent, array $cells = []): SolvedLight
    {
        foreach (array_keys($cells) as $cell) {
            if (!\in_array($cell, $this->cells, true)) {
                throw InputError::because(
                    'unknown_cell',
                    'cells.'.$cell,
                    \sprintf('There is no cell %d in this mode: it has %s.', $cell, implode(', ', $this->cells)),
                );
            }
        }
        $each = [];
        foreach ($this->cells as $cell) {
            $each[$cell] = $cells[$cell] ?? $intent;
        }
        $values = [];
        foreach ($this->compiled->mode->byOffset() as $channel) {
            $values[$channel->offset] = $channel->default;
        }
        $notes = new Notes();
        $flash = $this->flash($intent->flash, $notes);
        foreach ($this->places as $place) {
            $values = $this->still($place)->into($values);
        }
        $dimmed = new Dimmers($this->places, $flash?->place, $each);
        foreach ([...$dimmed->sets, ...$this->colours($intent, $each, $dimmed, $notes), ...$this->aim($intent, $notes)] as $set) {
            $values = $set->into($values);
        }
        $values = array_values(null === $flash ? $values : $flash->into($values));
        $light = $this->compiled->light($values);

        return new SolvedLight($values, $light, $this->missed($each, $light), $notes->all());
    }

    /** The value of a channel as long as nothing is asked of it. */
    private function still(Place $place): Set
    {
        $open = $place->dims() ? null : $place->firstOf(RangeFunction::Open);

        return null === $open ? $place->quiet() : $place->at($open->middle());
    }

    private function flash(float $hertz, Notes $notes): ?Set
    {
        if ($hertz <= 0.0) {
            return null;
        }
        foreach (Place::FLASHING as $function) {
            $able = array_values(array_filter($this->places, static fn (Place $place): bool => $place->has($function)));
            usort($able, static fn (Place $one, Place $other): int => $one->dims() <=> $other->dims());
            if ([] === $able) {
                continue;
            }
            $ranges = $able[0]->ranges($function);
            $set = $able[0]->nearest($ranges, $hertz);
            if (null === $set || abs($set->quantity - $hertz) > 0.1 * $hertz + 1e-9) {
                $notes->add(IntentNote::FlashNotReached);
            }

            return $set ?? $able[0]->at($ranges[0]->middle());
        }
        $notes->add(IntentNote::CannotFlash);

        return null;
    }

    /**
     * @param array<int, Intent> $each by cell
     *
     * @return list<Set>
     */
    private function colours(Intent $intent, array $each, Dimmers $dimmed, Notes $notes): array
    {
        $sets = [];
        $canColour = $this->hasEmitters;
        $whole = $this->ofWhole();
        $first = array_key_first($each);
        foreach ($each as $cell => $mine) {
            $own = $this->ofCell($cell);
            $field = $mine === $intent ? 'intent.' : "cells.{$cell}.";
            $dimming = $dimmed->levels[$cell];
            if ($this->hasEmitters) {
                // Together with the whole unit's where the cell follows it: they mix in one light.
                $followed = $mine === $intent ? [...$whole, ...$own] : $own;
                $lit = $this->emitting($followed);
                if ([] !== $lit->places) {
                    array_push($sets, ...$lit->solve($mine, $dimming, $field));
                }
                $hasLight = [] !== $this->emitting([...$whole, ...$own])->places;
            } else {
                $hasLight = false;
                $choices = $this->choosing([...$whole, ...$own]);
                $canColour = $canColour || !$choices->isEmpty();
                if (null !== $mine->colour && !$choices->isEmpty() && ([] !== $own || $cell === $first)) {
                    [$set, $isOther] = $choices->nearest($mine->colour);
                    $sets[] = $set;
                    if ($isOther) {
                        $notes->add(IntentNote::NearestPreset);
                    }
                }
            }
            if ($dimming < 1.0) {
                $notes->add($hasLight ? IntentNote::DimmedByColour : IntentNote::CannotDim);
            }
        }
        if ($this->hasEmitters && !\in_array($intent, $each, true)) {
            // Every cell has an intent of its own; what is the whole unit's still follows the unit's.
            array_push($sets, ...$this->emitting($whole)->solve($intent, $dimmed->whole, 'intent.'));
        }
        if (!$canColour && [] !== array_filter($each, static fn (Intent $one): bool => null !== $one->colour)) {
            $notes->add(IntentNote::CannotColour);
        }

        return $sets;
    }

    /** @return list<Set> */
    private function aim(Intent $intent, Notes $notes): array
    {
        $sets = [];
        foreach ([[$intent->pan, RangeFunction::Pan], [$intent->tilt, RangeFunction::Tilt]] as [$degrees, $function]) {
            if (null === $degrees) {
                continue;
            }
            $found = [];
            foreach ($this->places as $place) {
                $set = $place->nearest($place->ranges($function), $degrees);
                if (null !== $set) {
                    $found[] = $set;
                    if (!$this->isInTravel($place, $function, $degrees)) {
                        $notes->add(IntentNote::OutOfTravel);
                    }
                }
            }
            if ([] === $found) {
                $notes->add(IntentNote::CannotMove);
            }
            array_push($sets, ...$found);
        }

        return $sets;
    }

    private function isInTravel(Place $place, RangeFunction $function, float $degrees): bool
    {
        $ends = [];
        foreach ($place->ranges($function) as $range) {
            array_push($ends, ...array_filter([$range->start, $range->end], is_float(...)));
        }

        return [] !== $ends && $degrees >= min($ends) - 1e-9 && $degrees <= max($ends) + 1e-9;
    }

    /** @param array<int, Intent> $each */
    private function missed(array $each, Lighting $light): ?float
    {
        $canColour = $this->hasEmitters || !$this->choosing($this->places)->isEmpty();
        $most = null;
        foreach ($canColour ? $light->cells : [] as $cell) {
            $asked = $each[$cell->cell]->colour;
            if (null !== $asked && null !== $cell->colour) {
                $most = max($most ?? 0.0, Uv::of($asked)->distance(Uv::of($cell->colour)));
            }
        }

        return $most;
    }

    /** @return list<Place> */
    private function ofWhole(): array
    {
        return array_values(array_filter($this->places, static fn (Place $place): bool => null === $place->channel->cell));
    }

    /** @return list<Place> */
    private function ofCell(int $cell): array
    {
        return array_values(array_filter($this->places, static fn (Place $place): bool => $place->channel->cell === $cell));
    }

    /** @param list<Place> $places */
    private function emitting(array $places): EmitterPlaces
    {
        return $this->emitters[self::key($places)] ??= new EmitterPlaces($this->profile, array_values(array_filter(
            $places,
            static fn (Place $place): bool => $place->has(RangeFunction::Emitter) && !$place->dims(),
        )));
    }

    /** @param list<Place> $places */
    private function choosing(array $places): ColourChoices
    {
        return $this->choices[self::key($places)] ??= new ColourChoices($places, $this->profile->lamp()->chromaticity, self::tint($places));
    }

    /** @param list<Place> $places */
    private static function key(array $places): string
    {
        return implode(' ', array_map(static fn (Place $place): int => $place->channel->offset, $places));
    }

    /**
     * What the tint channel says at rest.
     *
     * @param list<Place> $places
     */
    private static function tint(array $places): float
    {
        foreach ($places as $place) {
            $range = $place->channel->rangeAt($place->channel->default);
            if (RangeFunction::Tint === $range?->function) {
                return $range->quantityAt($place->channel->default) ?? 0.0;
            }
        }

        return 0.0;
    }
}
