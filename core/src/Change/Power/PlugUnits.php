<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Power;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Text\Names;

/** Units are plugged into a circuit, or unplugged. */
final readonly class PlugUnits implements Change
{
    /**
     * @param list<string> $units
     * @param string|null  $circuit null unplugs them
     */
    public function __construct(#[Ids('Say which units to plug in.')] public array $units, public ?string $circuit)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $circuit = null === $this->circuit ? null : $rig->circuit($this->circuit);
        $units = array_map($rig->unit(...), $this->units);
        $names = Names::few(array_map(static fn (Unit $unit): string => $unit->name, $units));

        return new Applied(
            $rig->withUnits(...array_map(static fn (Unit $unit): Unit => $unit->pluggedInto($circuit?->id), $units)),
            null === $circuit ? \sprintf('Unplugged %s', $names) : \sprintf('Plugged %s into %s', $names, $circuit->name),
        );
    }
}
