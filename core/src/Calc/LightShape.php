<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Colour\Srgb;
use Rigger\Core\Finding\LightWords;
use Rigger\Core\Light\Cause;
use Rigger\Core\Light\CellLight;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Light\Lighting;

/**
 * What comes out of a unit, as `light.evaluate` gives it.
 *
 * @internal
 */
final class LightShape
{
    /**
     * @param list<int> $values
     *
     * @return array<string, mixed>
     */
    public static function of(CompiledMode $mode, array $values, Lighting $light): array
    {
        return [
            'cells' => array_map(static fn (CellLight $cell): array => [
                'cell' => $cell->cell,
                'intensity' => $cell->intensity,
                'x' => $cell->colour?->x,
                'y' => $cell->colour?->y,
                'hex' => null === $cell->colour ? null : Srgb::hex($cell->colour),
                'brightness' => $cell->brightness,
                'flash' => $cell->flash,
                'dark' => $cell->isDark() && null === $light->selfRunning
                    ? array_map(self::cause(...), $mode->whyDark($values, $cell->cell))
                    : [],
            ], $light->cells),
            'pan' => $light->pan,
            'tilt' => $light->tilt,
            'active' => $mode->active($values),
            'selfRunning' => $light->selfRunning,
        ];
    }

    /** @return array{channel: int|null, value: int|null, reason: string, message: string} */
    private static function cause(Cause $cause): array
    {
        return [
            'channel' => $cause->channel,
            'value' => $cause->value,
            'reason' => $cause->code,
            'message' => LightWords::message($cause),
        ];
    }
}
