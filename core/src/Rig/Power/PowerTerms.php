<?php

declare(strict_types=1);

namespace Rigger\Core\Rig\Power;

/** What holds for the power of a whole rig: the mains, and how long an evening is. */
final readonly class PowerTerms
{
    /**
     * @param float $volts        of the mains
     * @param float $powerFactor  0 to 1
     * @param float $hours        of the show
     * @param float $interval     hours of the interval
     * @param bool  $burnsThrough whether what runs on batteries stays lit in the interval
     * @param float $reserve      share of a battery that is to be left, 0 to below 1
     */
    public function __construct(
        public float $volts = 230.0,
        public float $powerFactor = 1.0,
        public float $hours = 2.0,
        public float $interval = 0.0,
        public bool $burnsThrough = false,
        public float $reserve = 0.2,
    ) {
    }

    public function isUsual(): bool
    {
        return get_object_vars($this) === get_object_vars(new self());
    }

    /** What so many watts draw of the mains: W / (V · power factor). */
    public function amps(float $watts): float
    {
        return $watts / ($this->volts * $this->powerFactor);
    }

    /** Hours that a battery has to give light. */
    public function burning(): float
    {
        return $this->hours + ($this->burnsThrough ? $this->interval : 0.0);
    }

    /** Hours that it has to last, so that the reserve is left. */
    public function needed(): float
    {
        return $this->burning() / (1.0 - $this->reserve);
    }
}
