<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Power;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Power\Circuit;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Figure;
use Rigger\Core\Text\Names;

/** A breaker of the house, or an outlet that hangs on another circuit. */
final readonly class AddCircuit implements Change
{
    /**
     * @param string|null  $name  null for the next number
     * @param string|null  $fedBy circuit that an outlet hangs on; null for a breaker
     * @param list<string> $units plugged into it
     */
    public function __construct(
        #[Within(0.1, Circuit::MOST_AMPS, 'Amperes are 0.1 to 400.')] public float $amps,
        public ?string $name = null,
        public ?string $fedBy = null,
        #[Ids(mayBeEmpty: true)] public array $units = [],
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        if (\count($rig->circuits) >= Circuit::MOST) {
            throw InputError::because('out_of_range', 'name', \sprintf('A rig holds at most %d circuits.', Circuit::MOST));
        }
        $feeder = null === $this->fedBy ? null : $rig->circuit($this->fedBy);
        $circuit = new Circuit(
            $world->newId(),
            null === $this->name ? self::freeName($rig, null === $feeder ? 'Circuit' : 'Outlet') : Limits::name($this->name, 'name'),
            $this->amps,
            $feeder?->id,
        );
        $names = [];
        $after = $rig->withCircuit($circuit);
        foreach ($this->units as $id) {
            $unit = $after->unit($id);
            $names[] = $unit->name;
            $after = $after->withUnits($unit->pluggedInto($circuit->id));
        }

        return new Applied(
            $after,
            \sprintf('Added %s of %s A', $circuit->name, Figure::short($circuit->amps)).([] === $names ? '' : ' with '.Names::few($names)),
            [$circuit->id],
        );
    }

    private static function freeName(Rig $rig, string $what): string
    {
        $taken = array_map(static fn (Circuit $one): string => $one->name, $rig->circuits);
        $number = 1;
        while (\in_array($what.' '.$number, $taken, true)) {
            ++$number;
        }

        return $what.' '.$number;
    }
}
