<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Power;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Rig\Power\Supply;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Figure;

/** The lamp on a socket of a pack, or none. */
final readonly class LoadSocket implements Change
{
    /** @param string|null $watts as typed; null or blank for an empty socket */
    public function __construct(public string $unit, public int $cell, public ?string $watts)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit);
        if (!\in_array($this->cell, $unit->mode()->cells(), true)) {
            throw InputError::because('unknown_cell', 'cell', \sprintf('%s has no socket %d.', $unit->name, $this->cell));
        }
        $watts = Typed::above($this->watts, 'watts', Supply::MOST_WATTS, 'W');
        $socket = $unit->cellNames[$this->cell] ?? $unit->mode()->cellLabel($this->cell);

        return new Applied(
            $rig->withUnits($unit->supplied($unit->supply->loaded($this->cell, $watts))),
            null === $watts
                ? \sprintf('Nothing hangs on %s of %s', $socket, $unit->name)
                : \sprintf('%s W on %s of %s', Figure::short($watts), $socket, $unit->name),
        );
    }
}
