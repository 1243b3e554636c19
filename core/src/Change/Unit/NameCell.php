<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Rig;

/** What the operator calls a cell or a socket of a unit: "Lamp over the table". */
final readonly class NameCell implements Change
{
    /** @param string $name empty to call it as the chart does */
    public function __construct(
        public string $unit,
        #[Within(1, 512, 'A cell is counted from 1.')] public int $cell,
        public string $name,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit);
        if (!\in_array($this->cell, $unit->mode()->cells(), true)) {
            throw InputError::because('unknown_cell', 'cell', \sprintf('%s has no cell %d.', $unit->name, $this->cell));
        }
        $label = $unit->mode()->cellLabel($this->cell);
        $names = $unit->cellNames;
        unset($names[$this->cell]);
        if ('' !== trim($this->name)) {
            $names[$this->cell] = Limits::name($this->name, 'name');
        }

        return new Applied(
            $rig->withUnits($unit->withCellNames($names)),
            isset($names[$this->cell])
                ? \sprintf('Called %s of %s "%s"', $label, $unit->name, $names[$this->cell])
                : \sprintf('Called %s of %s as its chart does', $label, $unit->name),
        );
    }
}
