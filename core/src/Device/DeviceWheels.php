<?php

declare(strict_types=1);

namespace Rigger\Core\Device;

use Rigger\Core\Colour\Srgb;

/** The wheels of a description, by name. */
final class DeviceWheels
{
    /** @var array<string, list<string|null>> colours of the slots by name of the wheel; null for one that states none */
    private array $hexes = [];

    public function __construct(\DOMElement $type)
    {
        foreach (XmlNodes::in($type, 'Wheels', 'Wheel') as $wheel) {
            foreach (XmlNodes::children($wheel, 'Slot') as $slot) {
                $color = $slot->getAttribute('Color');
                $this->hexes[$wheel->getAttribute('Name')][] = '' === $color
                    ? null
                    : Srgb::hexOfXyY(...XmlNodes::numbers($color, [0.3127, 0.329, 100.0]));
            }
        }
    }

    /** @param int $index from 1, as a channel set has it */
    public function hex(string $wheel, int $index): ?string
    {
        return $this->hexes[$wheel][$index - 1] ?? null;
    }
}
