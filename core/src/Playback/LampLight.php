<?php

declare(strict_types=1);

namespace Rigger\Core\Playback;

use Rigger\Core\Colour\Srgb;
use Rigger\Core\Light\Cause;
use Rigger\Core\Light\CellLight;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Light\Lighting;

/** What one unit shows, in figures alone: what changes with every frame. Why it is so stands in Lamp. */
final readonly class LampLight
{
    /**
     * @param list<array{cell: int, hex: string|null, brightness: float, flash: float}> $cells       ascending
     * @param float|null                                                                $pan         degrees from its middle
     * @param float|null                                                                $tilt        likewise
     * @param string|null                                                               $selfRunning label of the program that runs
     */
    private function __construct(
        public LampState $state,
        public array $cells,
        public ?float $pan = null,
        public ?float $tilt = null,
        public ?string $selfRunning = null,
    ) {
    }

    /** Of a unit that nothing reaches. */
    public static function without(PlayedUnit $unit, Cause $cause): self
    {
        return new self(
            'out_of_action' === $cause->code ? LampState::Out : LampState::Silent,
            array_map(
                static fn (int $cell): array => ['cell' => $cell, 'hex' => null, 'brightness' => 0.0, 'flash' => 0.0],
                $unit->mode?->mode->cells() ?? [1],
            ),
        );
    }

    public static function of(PlayedUnit $unit, CompiledMode $mode, Lighting $light): self
    {
        return new self(
            self::state($mode, $light),
            array_map(static fn (CellLight $cell): array => [
                'cell' => $cell->cell,
                'hex' => null === $cell->colour ? null : Srgb::hex($cell->colour),
                'brightness' => $cell->brightness,
                'flash' => $cell->flash,
            ], $light->cells),
            self::angle($light->pan, $unit->isPanMirrored),
            self::angle($light->tilt, $unit->isTiltMirrored),
            $light->selfRunning,
        );
    }

    public function isLike(self $other): bool
    {
        return $this === $other
            || ($this->state === $other->state && $this->cells === $other->cells && $this->pan === $other->pan
                && $this->tilt === $other->tilt && $this->selfRunning === $other->selfRunning);
    }

    private static function state(CompiledMode $mode, Lighting $light): LampState
    {
        if (null !== $light->selfRunning) {
            return LampState::Busy;
        }
        if ($light->isDark()) {
            return $mode->canShine() ? LampState::Dark : LampState::NoLamp;
        }
        foreach ($mode->isOfDimmersAlone() ? $light->cells : [] as $cell) {
            if ($cell->isDark()) {
                return LampState::Partly;
            }
        }

        return LampState::Lit;
    }

    /** A unit that is turned round in itself goes the other way from its middle. */
    private static function angle(?float $degrees, bool $isMirrored): ?float
    {
        return null === $degrees || !$isMirrored ? $degrees : 0.0 - $degrees;
    }
}
