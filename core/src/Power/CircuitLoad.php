<?php

declare(strict_types=1);

namespace Rigger\Core\Power;

/** What a circuit carries, and how much of that its breaker stands for hours: a planning figure, never an electrician's. */
final readonly class CircuitLoad
{
    /** Share of a breaker that may be used for hours. */
    public const CONTINUOUS = 0.8;
    private const NEAR_SHARE = 0.9;
    private const NEAR = 1e-9;

    private function __construct(public float $watts, public float $amps, public float $limitAmps)
    {
    }

    /**
     * Amperes = W / (V · power factor).
     *
     * @param float $volts       above 0
     * @param float $powerFactor above 0, up to 1
     */
    public static function of(
        float $watts,
        float $volts,
        float $powerFactor,
        float $breakerAmps,
        float $continuous = self::CONTINUOUS,
    ): self {
        return new self($watts, $watts / ($volts * $powerFactor), $breakerAmps * $continuous);
    }

    /** 1 is the limit. */
    public function share(): float
    {
        return $this->amps / $this->limitAmps;
    }

    /** over above the limit, near above 0.9 of it, else ok. */
    public function verdict(): string
    {
        return match (true) {
            $this->share() > 1 + self::NEAR => 'over',
            $this->share() > self::NEAR_SHARE + self::NEAR => 'near',
            default => 'ok',
        };
    }
}
