<?php

declare(strict_types=1);

namespace Rigger\Core\Rig\Line;

use Rigger\Core\Line\Cable\Ends;

/** A unit or a splitter on a run, with the cable that leads to it. */
final readonly class RunItem
{
    public const MOST_LOAD = 8.0;

    /**
     * @param string|null   $unitId   of a unit; null for a splitter
     * @param Splitter|null $splitter null for a unit
     * @param float         $load     in unit loads
     * @param Ends          $ends     of its sockets
     */
    private function __construct(
        public string $id,
        public ?string $unitId,
        public ?Splitter $splitter,
        public Piece $cable,
        public Ends $ends,
        public float $load,
    ) {
    }

    public static function unit(string $id, string $unitId, Piece $cable = new Piece(), Ends $ends = Ends::Three, float $load = 1.0): self
    {
        return new self($id, $unitId, null, $cable, $ends, $load);
    }

    public static function splitter(
        string $id,
        Splitter $splitter,
        Piece $cable = new Piece(),
        Ends $ends = Ends::Three,
        float $load = 1.0,
    ): self {
        return new self($id, null, $splitter, $cable, $ends, $load);
    }

    public function cabledBy(Piece $cable): self
    {
        return new self($this->id, $this->unitId, $this->splitter, $cable, $this->ends, $this->load);
    }

    public function endingIn(Ends $ends): self
    {
        return new self($this->id, $this->unitId, $this->splitter, $this->cable, $ends, $this->load);
    }

    public function loading(float $load): self
    {
        return new self($this->id, $this->unitId, $this->splitter, $this->cable, $this->ends, $load);
    }

    public function being(Splitter $splitter): self
    {
        return new self($this->id, null, $splitter, $this->cable, $this->ends, $this->load);
    }
}
