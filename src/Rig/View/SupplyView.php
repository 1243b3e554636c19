<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** What of a unit's power is known. */
final readonly class SupplyView
{
    /**
     * @param float|null       $watts      with everything up; null where nobody has said
     * @param float|null       $amps       that these take of the mains
     * @param float|null       $plateWatts as somebody typed it
     * @param list<SocketView> $sockets    of a pack
     * @param float|null       $packAmps   that a pack stands in all
     * @param float|null       $socketAmps that one of its sockets stands
     */
    public function __construct(
        public string $unitId,
        public ?float $watts,
        public ?float $amps,
        public ?float $plateWatts,
        public array $sockets,
        public ?float $packAmps,
        public ?float $socketAmps,
        public ?BatteryView $battery,
        public ?TapeView $tape,
    ) {
    }
}
