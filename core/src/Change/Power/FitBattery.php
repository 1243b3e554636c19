<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Power;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Power\Battery;
use Rigger\Core\Power\Chemistry;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Figure;

/** A battery feeds a unit: it is plugged in nowhere then. */
final readonly class FitBattery implements Change
{
    /**
     * @param float $usable   share that may be taken out
     * @param float $hourRate hours over which its ampere hours were measured
     */
    public function __construct(
        public string $unit,
        #[OneOf(['lead', 'lithium'], 'A battery is lead or lithium.')] public string $chemistry,
        #[Within(0.01, 10_000, 'Ampere hours are 0.01 to 10,000.')] public float $ampHours,
        #[Within(0.5, 1000, 'Volts are 0.5 to 1,000.')] public float $volts,
        #[Within(0.01, 1, 'The share that may be taken out is 1 to 100 %.')] public float $usable = 0.8,
        #[Within(0.1, 200, 'Hours are 0.1 to 200.')] public float $hourRate = 20.0,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit);
        $battery = new Battery(Chemistry::from($this->chemistry), $this->ampHours, $this->volts, $this->usable, $this->hourRate);

        return new Applied($rig->withUnits($unit->supplied($unit->supply->onBattery($battery))->pluggedInto(null)), \sprintf(
            '%s runs on a battery of %s Ah, %s V',
            $unit->name,
            Figure::short($this->ampHours),
            Figure::short($this->volts),
        ));
    }
}
