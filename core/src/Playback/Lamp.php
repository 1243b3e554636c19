<?php

declare(strict_types=1);

namespace Rigger\Core\Playback;

use Rigger\Core\Colour\Srgb;
use Rigger\Core\Light\Cause;
use Rigger\Core\Light\CellLight;
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
        public bool $responds,
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

        return new self($unit->id, $unit->name, false, $cells, null, null, null, [$cause]);
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

        return new self(
            $unit->id,
            $unit->name,
            true,
            $cells,
            self::angle($light->pan, $unit->isPanMirrored),
            self::angle($light->tilt, $unit->isTiltMirrored),
            $light->selfRunning,
            self::causes($unit, $light, $values),
        );
    }

    /** The same light on a twin, which hears the same values. */
    public function on(PlayedUnit $twin): self
    {
        return new self($twin->id, $twin->name, true, $this->cells, $this->pan, $this->tilt, $this->selfRunning, $this->causes);
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
        return match (true) {
            null !== $light->selfRunning => [Cause::runsItself($light->selfRunning)],
            !$light->isDark() || null === $unit->mode => [],
            default => $unit->mode->whyDark($values, $light->cells[0]->cell),
        };
    }
}
