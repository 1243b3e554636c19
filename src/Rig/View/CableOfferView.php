<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** One way to lay cable. */
final readonly class CableOfferView
{
    /**
     * @param list<LaidRunView> $runs
     * @param int               $mostAtOnce units that go dark at most when the first plug of a run is pulled
     * @param list<string>      $unplaced   units for which the runs have no room
     * @param RepairView        $take       lays it
     */
    public function __construct(
        public array $runs,
        public float $metres,
        public int $mostAtOnce,
        public string $words,
        public array $unplaced,
        public RepairView $take,
    ) {
    }
}
