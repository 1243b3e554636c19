<?php

declare(strict_types=1);

namespace Rigger\Core\Light;

use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Profile\Emitter;

/**
 * The emitters that one cell's channels drive, and the sum of their light.
 *
 * @internal
 */
final class EmitterBank
{
    /** @var array<string, array{float, float, float}> XYZ at full, by key */
    private readonly array $full;
    private readonly float $luminanceAtFull;

    /** @param list<Emitter> $emitters with different keys */
    public function __construct(array $emitters)
    {
        $full = [];
        $sum = 0.0;
        foreach ($emitters as $emitter) {
            $full[$emitter->key] = $emitter->chromaticity->toXyz($emitter->flux);
            $sum += $emitter->flux;
        }
        $this->full = $full;
        $this->luminanceAtFull = $sum;
    }

    public function isEmpty(): bool
    {
        return [] === $this->full;
    }

    /**
     * Sums X = Σ l·flux·x/y, Y = Σ l·flux, Z likewise.
     *
     * @param array<string, float> $levels by key, 0 to 1; an emitter without one is at 0
     *
     * @return array{Chromaticity|null, float} the mix, and its luminance as a share of all at full
     */
    public function mix(array $levels): array
    {
        $x = $y = $z = 0.0;
        foreach ($levels as $key => $level) {
            [$fullX, $fullY, $fullZ] = $this->full[$key];
            $x += $level * $fullX;
            $y += $level * $fullY;
            $z += $level * $fullZ;
        }
        if ($y <= 0.0) {
            return [null, 0.0];
        }
        $sum = $x + $y + $z;

        return [Chromaticity::of($x / $sum, $y / $sum), $y / $this->luminanceAtFull];
    }
}
