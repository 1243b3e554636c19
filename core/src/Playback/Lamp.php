<?php

declare(strict_types=1);

namespace Rigger\Core\Playback;

use Rigger\Core\Colour\Srgb;
use Rigger\Core\Light\Cause;
use Rigger\Core\Light\CellLight;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Light\Lighting;

/** One unit on the stage strip: what it shows, or why it shows nothing. */
final readonly class Lamp
{
    /**
     * @param list<array{cell: int, hex: string|null, brightness: float, flash: float}> $cells
     * @param list<Cause>                                                               $causes why it is dark, silent or busy
     */
    private function __construct(
        public string $id,
        public string $name,
        public LampState $state,
        public array $cells,
        public ?float $pan,
        public ?float $tilt,
        public ?string $selfRunning,
        public array $causes,
    ) {
    }

    public static function silent(PlayedUnit $unit, Cause $cause): self
    {
        $cells = array_map(
            static fn (int $cell): array => ['cell' => $cell, 'hex' => null, 'brightness' => 0.0, 'flash' => 0.0],
            $unit->mode?->mode->cells() ?? [1],
        );

        $state = 'out_of_action' === $cause->code ? LampState::Out : LampState::Silent;

        return new self($unit->id, $unit->name, $state, $cells, null, null, null, [$cause]);
    }

    /** @param list<int> $values */
    public static function of(PlayedUnit $unit, Lighting $light, array $values): self
    {
        $cells = array_map(static fn (CellLight $cell): array => [
            'cell' => $cell->cell,
            'hex' => null === $cell->colour ? null : Srgb::hex($cell->colour),
            'brightness' => $cell->brightness,
            'flash' => $cell->flash,
        ], $light->cells);

        $causes = self::causes($unit, $light, $values);

        return new self(
            $unit->id,
            $unit->name,
            match (true) {
                null !== $light->selfRunning => LampState::Busy,
                !$light->isDark() => [] === $causes ? LampState::Lit : LampState::Partly,
                default => true === $unit->mode?->canShine() ? LampState::Dark : LampState::NoLamp,
            },
            $cells,
            self::angle($light->pan, $unit->isPanMirrored),
            self::angle($light->tilt, $unit->isTiltMirrored),
            $light->selfRunning,
            $causes,
        );
    }

    /** The same light on a twin, which hears the same values. */
    public function on(PlayedUnit $twin): self
    {
        return new self($twin->id, $twin->name, $this->state, $this->cells, $this->pan, $this->tilt, $this->selfRunning, $this->causes);
    }

    /** A unit that is turned round in itself goes the other way from its middle. */
    private static function angle(?float $degrees, bool $isMirrored): ?float
    {
        return null === $degrees || !$isMirrored ? $degrees : 0.0 - $degrees;
    }

    /**
     * @param list<int> $values
     *
     * @return list<Cause>
     */
    private static function causes(PlayedUnit $unit, Lighting $light, array $values): array
    {
        if (null !== $light->selfRunning) {
            return [Cause::runsItself($light->selfRunning)];
        }
        if (null === $unit->mode) {
            return [];
        }
        if ($unit->mode->isOfDimmersAlone()) {
            return self::dimmersDown($unit, $unit->mode, $light, $values);
        }

        return array_map(
            static fn (Cause $cause): Cause => $cause->inWordsOf($unit->labels),
            $light->isDark() ? $unit->mode->whyDark($values, $light->cells[0]->cell) : [],
        );
    }

    /**
     * Every socket of a pack that is dark, those at one value in one breath.
     *
     * @param list<int> $values
     *
     * @return list<Cause>
     */
    private static function dimmersDown(PlayedUnit $unit, CompiledMode $mode, Lighting $light, array $values): array
    {
        $alike = [];
        foreach ($light->cells as $cell) {
            foreach ($cell->isDark() ? $mode->whyDark($values, $cell->cell) : [] as $cause) {
                $cause = $cause->inWordsOf($unit->labels);
                $alike[$cause->code.' '.$cause->value.' '.json_encode($cause->figures['full'] ?? null)][] = $cause;
            }
        }

        return array_merge(...array_values(array_map(
            static fn (array $causes): array => 'dimmer_down' === $causes[0]->code ? [Cause::together($causes)] : $causes,
            $alike,
        )));
    }
}
