<?php

declare(strict_types=1);

namespace Rigger\Core\Power;

/** A battery as its plate says, and how long it lasts. */
final readonly class Battery
{
    /**
     * @param float $ampHours above 0, as measured over hourRate hours
     * @param float $volts    above 0
     * @param float $usable   share that may be taken out, 0 to 1
     */
    public function __construct(
        public Chemistry $chemistry,
        public float $ampHours,
        public float $volts,
        public float $usable,
        public float $hourRate = 20.0,
    ) {
    }

    public function amps(float $watts): float
    {
        return $watts / $this->volts;
    }

    /**
     * Peukert's law: usable · H · (C / (I · H))^k.
     *
     * @param float $watts above 0
     */
    public function hours(float $watts): float
    {
        $share = $this->ampHours / ($this->amps($watts) * $this->hourRate);

        return $this->usable * $this->hourRate * $share ** $this->chemistry->exponent();
    }
}
