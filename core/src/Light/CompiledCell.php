<?php

declare(strict_types=1);

namespace Rigger\Core\Light;

use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Colour\Planckian;

/**
 * One cell made ready: the channels that act on it and the emitters that they drive.
 *
 * @internal
 */
final class CompiledCell
{
    /**
     * @param list<int>         $channels places of its acting channels in the mode's list, in channel order
     * @param Chromaticity|null $lamp     what shines without emitters; null in a mode that has some or gives no light
     */
    public function __construct(
        public readonly int $number,
        private readonly array $channels,
        private readonly EmitterBank $emitters,
        private readonly ?Chromaticity $lamp,
        private readonly bool $canShine,
    ) {
    }

    /**
     * @param array<int, CompiledRange> $active by the channel's place
     * @param array<int, float>         $at     the active range's quantity, by the channel's place
     */
    public function light(array $active, array $at, bool $isSelfRunning): CellLight
    {
        $intensity = 1.0;
        $flash = 0.0;
        $preset = $whitePoint = $tint = null;
        $levels = [];
        foreach ($this->channels as $place) {
            $range = $active[$place] ?? null;
            if (null === $range) {
                continue;
            }
            switch ($range->role) {
                case Role::Dimmer: $intensity *= $at[$place];
                    break;
                case Role::Closed: $intensity = 0.0;
                    break;
                case Role::Flash: $flash = max($flash, $at[$place]);
                    break;
                case Role::Emitter: $levels[$range->emitter] = max($levels[$range->emitter] ?? 0.0, $at[$place]);
                    break;
                case Role::Preset: $preset ??= $range->colour;
                    break;
                case Role::WhitePoint: $whitePoint ??= $range->isKnown ? $at[$place] : null;
                    break;
                case Role::Tint: $tint ??= $at[$place];
                    break;
                default:
            }
        }
        if ($isSelfRunning) {
            return new CellLight($this->number, $intensity, null, $intensity, $flash);
        }
        if (!$this->canShine || $intensity <= 0.0) {
            return new CellLight($this->number, $intensity, null, 0.0, $flash);
        }
        [$colour, $share] = match (true) {
            null !== $preset => [$preset, 1.0],
            null !== $whitePoint => [Planckian::chromaticity($whitePoint, $tint ?? 0.0), 1.0],
            null !== $this->lamp => [$this->lamp, 1.0],
            default => $this->emitters->mix($levels),
        };
        $brightness = $intensity * $share;

        return new CellLight($this->number, $intensity, $brightness > 0.0 ? $colour : null, $brightness, $flash);
    }

    /**
     * Whether the faders of its emitters alone keep it dark: all at 0, and nothing else gives a colour.
     *
     * @param array<int, CompiledRange> $active
     * @param array<int, float>         $at
     */
    public function lacksColour(array $active, array $at): bool
    {
        if ($this->emitters->isEmpty()) {
            return false;
        }
        foreach ($this->channels as $place) {
            $range = $active[$place] ?? null;
            $role = $range?->role;
            if (Role::Preset === $role
                || (Role::WhitePoint === $role && $range->isKnown)
                || (Role::Emitter === $role && $at[$place] > 0.0)
            ) {
                return false;
            }
        }

        return true;
    }
}
