<?php

declare(strict_types=1);

namespace Rigger\Core\Colour;

/** How a colour is mixed, and how near that comes. */
final readonly class Solved
{
    /** From here on a difference is one that can be seen beside the colour asked for. */
    private const IN_GAMUT = 0.0005;

    /**
     * @param list<float> $levels  0 to 1, in the order of the sources
     * @param Mix         $mix     what they give together
     * @param float       $deltaUv Δu′v′ from the colour asked to the nearest that can be mixed
     */
    public function __construct(public array $levels, public Mix $mix, public float $deltaUv)
    {
    }

    public function isInGamut(): bool
    {
        return $this->deltaUv <= self::IN_GAMUT;
    }
}
