<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Power;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Power\Circuit;
use Rigger\Core\Rig\Power\Supply;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Figure;

/** What the plate of a unit says: its watts, and for a pack what it stands in all and on a socket; what is left blank is not known. */
final readonly class RateUnit implements Change
{
    /**
     * @param string|null $watts      as typed; null or blank for what its chart says
     * @param string|null $packAmps   as typed
     * @param string|null $socketAmps as typed
     */
    public function __construct(
        public string $unit,
        public ?string $watts = null,
        public ?string $packAmps = null,
        public ?string $socketAmps = null,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit);
        $supply = $unit->supply->rated(
            Typed::above($this->watts, 'watts', Supply::MOST_WATTS, 'W'),
            Typed::above($this->packAmps, 'packAmps', Circuit::MOST_AMPS, 'A'),
            Typed::above($this->socketAmps, 'socketAmps', Circuit::MOST_AMPS, 'A'),
        );
        $said = array_filter([
            null === $supply->watts ? null : Figure::short($supply->watts).' W',
            null === $supply->packAmps ? null : Figure::short($supply->packAmps).' A in all',
            null === $supply->socketAmps ? null : Figure::short($supply->socketAmps).' A a socket',
        ], is_string(...));

        return new Applied($rig->withUnits($unit->supplied($supply)), [] === $said
            ? \sprintf('%s takes what its chart says', $unit->name)
            : \sprintf('Plate of %s: %s', $unit->name, implode(', ', $said)));
    }
}
