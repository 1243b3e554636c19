<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio;

/** How much more a receiver gets than it needs, in dB: a planning figure. */
final readonly class Margin
{
    /** Loss over the first metre at 2.4 GHz: 20·log10(4π·1 m / 0.125 m). */
    private const FIRST_METRE = 40.05;
    private const NEAR = 1e-9;

    private function __construct(public float $lossDb, public float $receivedDbm, public float $marginDb)
    {
    }

    /**
     * Loss = 40.05 + 10·n·log10(max(d, 1)) + Σ obstacles.
     *
     * @param float       $gains     of both aerials together, in dB
     * @param float       $metres    from 0
     * @param list<float> $obstacles what each takes away, in dB
     */
    public static function of(
        float $powerDbm,
        float $gains,
        float $sensitivityDbm,
        float $metres,
        Surroundings $place,
        array $obstacles,
    ): self {
        $loss = self::FIRST_METRE + 10 * $place->exponent() * log10(max($metres, 1.0)) + array_sum($obstacles);
        $received = $powerDbm + $gains - $loss;

        return new self($loss, $received, $received - $sensitivityDbm);
    }

    /** strong from 20 dB, fair from 10, weak from 0, none below. */
    public function verdict(): string
    {
        $margin = $this->marginDb + self::NEAR;

        return match (true) {
            $margin >= 20 => 'strong',
            $margin >= 10 => 'fair',
            $margin >= 0 => 'weak',
            default => 'none',
        };
    }
}
