<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** Circuits of a rig, the power of its units, and the evening. */
final readonly class PowerView
{
    /**
     * @param list<CircuitView> $circuits in the order in which they were added
     * @param list<SupplyView>  $supplies of units of which something is said, and of packs, in the order of the patch list
     * @param float             $hours    of the show
     * @param float             $interval hours of the interval
     * @param float             $reserve  share of a battery that is to be left
     */
    public function __construct(
        public float $volts,
        public float $powerFactor,
        public float $hours,
        public float $interval,
        public bool $burnsThrough,
        public float $reserve,
        public array $circuits,
        public array $supplies,
    ) {
    }
}
