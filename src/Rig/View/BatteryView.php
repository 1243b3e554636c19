<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A unit's battery against the evening. */
final readonly class BatteryView
{
    /**
     * @param string     $chemistry lead or lithium
     * @param float      $usable    share that may be taken out
     * @param float|null $fullHours with everything up; null where nobody has said what the unit takes
     * @param float|null $hours     at the levels of the looks; null where it shines in none
     * @param float|null $watts     at those levels
     * @param float|null $burning   hours that it is to give light
     * @param float|null $needed    hours with the reserve
     * @param string     $verdict   ok, reserve, short, or unknown
     */
    public function __construct(
        public string $chemistry,
        public float $ampHours,
        public float $volts,
        public float $usable,
        public float $hourRate,
        public ?float $fullHours,
        public ?float $hours,
        public ?float $watts,
        public ?float $burning,
        public ?float $needed,
        public string $verdict,
    ) {
    }
}
