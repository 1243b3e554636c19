<?php

declare(strict_types=1);

namespace Rigger\Core\Colour;

/**
 * A colour of a gamut, and what decides there how it is mixed: inside, both directions of the diagram; on a side, only sources of
 * that side can be lit and only the place along it counts; at a corner, only its own sources.
 */
final readonly class Reached
{
    private const NEAR = 1e-9;

    /** @param list<array{float, float}> $directions unit vectors in (u′, v′) */
    private function __construct(public Uv $uv, public array $directions)
    {
    }

    public static function inside(Uv $uv): self
    {
        return new self($uv, [[1.0, 0.0], [0.0, 1.0]]);
    }

    public static function onSide(Uv $uv, Uv $from, Uv $to): self
    {
        $length = $from->distance($to);

        return new self($uv, [[($to->u - $from->u) / $length, ($to->v - $from->v) / $length]]);
    }

    public static function atPoint(Uv $uv): self
    {
        return new self($uv, []);
    }

    /**
     * How far a source's colour lies from this one in each direction that counts; null where it cannot be lit for this colour.
     *
     * @return list<float>|null
     */
    public function offsets(Uv $of): ?array
    {
        $offsets = [];
        [$restU, $restV] = [$of->u - $this->uv->u, $of->v - $this->uv->v];
        foreach ($this->directions as [$u, $v]) {
            $along = ($of->u - $this->uv->u) * $u + ($of->v - $this->uv->v) * $v;
            $offsets[] = $along;
            [$restU, $restV] = [$restU - $along * $u, $restV - $along * $v];
        }

        return hypot($restU, $restV) <= self::NEAR ? $offsets : null;
    }
}
