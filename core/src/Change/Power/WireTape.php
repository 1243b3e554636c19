<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Power;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Power\TapeWiring;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Figure;

/** LED tape behind a unit, and the wire to it. */
final readonly class WireTape implements Change
{
    /**
     * @param float $wattsPerMetre with every colour at full
     * @param float $metres        of tape
     * @param float $wireMetres    to it, one way
     */
    public function __construct(
        public string $unit,
        #[Within(1, 400, 'Tape runs on 1 to 400 V.')] public float $volts,
        #[Within(0.01, 1000, 'A metre takes 0.01 to 1,000 W.')] public float $wattsPerMetre,
        #[Within(0.01, 500, 'Tape is 0.01 to 500 m long.')] public float $metres,
        #[Within(0, 500, 'The wire is 0 to 500 m long.')] public float $wireMetres,
        #[Within(0.05, 100, 'A wire has 0.05 to 100 mm².')] public float $mm2,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit);
        $tape = new TapeWiring($this->volts, $this->wattsPerMetre, $this->metres, $this->wireMetres, $this->mm2);

        return new Applied($rig->withUnits($unit->supplied($unit->supply->taped($tape))), \sprintf(
            '%s m of tape at %s V behind %s, on %s m of %s mm²',
            Figure::short($this->metres),
            Figure::short($this->volts),
            $unit->name,
            Figure::short($this->wireMetres),
            Figure::short($this->mm2),
        ));
    }
}
