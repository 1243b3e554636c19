<?php

declare(strict_types=1);

namespace Rigger\Core\Power;

/** What is lost along a copper wire, there and back. */
final readonly class Wire
{
    /** Ohms along a metre of 1 mm² of copper at 20 °C, and by how much a degree changes that. */
    private const RESISTIVITY = 0.01724;
    private const PER_DEGREE = 0.00393;
    private const HIGH = 3.0;
    private const TOO_HIGH = 5.0;
    private const NEAR = 1e-9;

    private function __construct(public float $dropVolts, public float $percent)
    {
    }

    /**
     * 2 · L · I · ρ / A.
     *
     * @param float $metres one way
     * @param float $mm2    above 0
     * @param float $volts  above 0
     */
    public static function of(float $amps, float $metres, float $mm2, float $volts, float $celsius = 20.0): self
    {
        $ohms = self::RESISTIVITY * (1 + self::PER_DEGREE * ($celsius - 20));
        $drop = 2 * $metres * $amps * $ohms / $mm2;

        return new self($drop, $drop / $volts * 100);
    }

    /** too_high over 5 %, high over 3 %, else ok. */
    public function verdict(): string
    {
        return match (true) {
            $this->percent > self::TOO_HIGH + self::NEAR => 'too_high',
            $this->percent > self::HIGH + self::NEAR => 'high',
            default => 'ok',
        };
    }
}
