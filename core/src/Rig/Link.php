<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Line\Radio\Surroundings;
use Rigger\Core\Position\Spot;

/** A radio sender and the name it is set to. */
final readonly class Link
{
    public const MOST_OBSTACLES = 20;

    /**
     * @param string       $label     what the operator calls the sender
     * @param string       $name      that the sender is set to, one of its kit's settings
     * @param Spot|null    $spot      where its aerial is; null where nobody has said
     * @param Surroundings $place     what lies between it and its receivers
     * @param list<float>  $obstacles what each thing in the way takes, in dB
     */
    public function __construct(
        public string $id,
        public KitInUse $kit,
        public string $label,
        public string $name,
        public ?Spot $spot = null,
        public Surroundings $place = Surroundings::Seated,
        public array $obstacles = [],
    ) {
    }

    public function relabelled(string $label): self
    {
        return new self($this->id, $this->kit, $label, $this->name, $this->spot, $this->place, $this->obstacles);
    }

    public function sendingOn(string $name): self
    {
        return new self($this->id, $this->kit, $this->label, $name, $this->spot, $this->place, $this->obstacles);
    }

    /** @param list<float> $obstacles */
    public function through(?Spot $spot, Surroundings $place, array $obstacles): self
    {
        return new self($this->id, $this->kit, $this->label, $this->name, $spot, $place, $obstacles);
    }
}
