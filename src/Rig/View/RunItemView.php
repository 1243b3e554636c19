<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A unit or a splitter on a run, with the cable that leads to it. */
final readonly class RunItemView
{
    /**
     * @param string|null   $unitId   of a unit; null for a splitter
     * @param string|null   $splitter what a splitter is called
     * @param int|null      $outputs  of a splitter
     * @param SpotView|null $spot     of a splitter
     * @param float|null    $metres   of the cable, as it is or as the plan wants it; null where nobody knows
     * @param bool          $isSaid   whether somebody said how long it is
     * @param float|null    $needed   by the stage plan
     * @param list<float>   $pieces   to bring for it
     * @param string        $cable    data, microphone or network
     * @param string        $plugs    3-pin, 5-pin, rj45 or bare: both ends of the cable
     * @param string        $ends     of its own sockets
     * @param float         $load     in unit loads
     * @param list<string>  $adapters that the cable needs, from its beginning to its end
     */
    public function __construct(
        public string $id,
        public ?string $unitId,
        public ?string $splitter,
        public ?int $outputs,
        public ?SpotView $spot,
        public ?float $metres,
        public bool $isSaid,
        public ?float $needed,
        public array $pieces,
        public string $cable,
        public string $plugs,
        public string $ends,
        public float $load,
        public array $adapters,
    ) {
    }
}
