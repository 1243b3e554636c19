<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Power;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Power\PowerTerms;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Figure;

/** The mains, and how long the evening is; what is left out stays. */
final readonly class PlanPower implements Change
{
    /**
     * @param float|null $hours        of the show
     * @param float|null $interval     hours of the interval
     * @param bool|null  $burnsThrough whether what runs on batteries stays lit in it
     * @param float|null $reserve      share of a battery that is to be left
     */
    public function __construct(
        #[Within(90, 500, 'The mains have 90 to 500 V.')] public ?float $volts = null,
        #[Within(0.1, 1, 'A power factor is 0.1 to 1.')] public ?float $powerFactor = null,
        #[Within(0.05, 48, 'A show lasts 0.05 to 48 h.')] public ?float $hours = null,
        #[Within(0, 12, 'An interval lasts 0 to 12 h.')] public ?float $interval = null,
        public ?bool $burnsThrough = null,
        #[Within(0, 0.9, 'The reserve is 0 to 90 %.')] public ?float $reserve = null,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $was = $rig->power;
        $is = new PowerTerms(
            $this->volts ?? $was->volts,
            $this->powerFactor ?? $was->powerFactor,
            $this->hours ?? $was->hours,
            $this->interval ?? $was->interval,
            $this->burnsThrough ?? $was->burnsThrough,
            $this->reserve ?? $was->reserve,
        );
        $said = array_filter([
            $is->volts === $was->volts ? null : 'mains of '.Figure::short($is->volts).' V',
            $is->powerFactor === $was->powerFactor ? null : 'power factor '.Figure::short($is->powerFactor),
            $is->hours === $was->hours ? null : 'a show of '.Figure::short($is->hours).' h',
            $is->interval === $was->interval ? null : 'an interval of '.Figure::short($is->interval).' h',
            $is->burnsThrough === $was->burnsThrough ? null : ($is->burnsThrough ? 'lit in the interval' : 'dark in the interval'),
            $is->reserve === $was->reserve ? null : Figure::short($is->reserve * 100).' % of a battery to be left',
        ], is_string(...));

        return new Applied($rig->poweredBy($is), [] === $said ? 'Left the power as it is' : 'Power: '.implode(', ', $said));
    }
}
