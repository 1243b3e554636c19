<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Line\Radio\Surroundings;
use Rigger\Core\Position\Spot;
use Rigger\Core\Rig\Link;

/** A radio sender in a rig document. */
final readonly class LinkEntry
{
    /**
     * @param int          $kit       index among the document's kits
     * @param string       $name      that it is set to
     * @param Spot|null    $spot      of its aerial; since version 3, as the next two
     * @param Surroundings $place     what lies between it and its receivers
     * @param list<float>  $obstacles in dB
     */
    public function __construct(
        public int $kit,
        public string $label,
        public string $name,
        public ?Spot $spot = null,
        public Surroundings $place = Surroundings::Seated,
        public array $obstacles = [],
    ) {
    }

    public static function of(Link $link, int $kit): self
    {
        return new self($kit, $link->label, $link->name, $link->spot, $link->place, $link->obstacles);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['kit' => $this->kit, 'label' => $this->label, 'name' => $this->name] + array_filter([
            'x' => $this->spot?->x,
            'y' => $this->spot?->y,
            'height' => $this->spot?->height,
            'place' => Surroundings::Seated === $this->place ? null : $this->place->value,
            'obstacles' => [] === $this->obstacles ? null : $this->obstacles,
        ], static fn (mixed $value): bool => null !== $value);
    }
}
