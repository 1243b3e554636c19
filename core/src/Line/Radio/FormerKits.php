<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio;

/** The two kits that rigs knew by name before kits were described: their settings, and nothing else. */
final class FormerKits
{
    public const NAMES = ['Reed Link', 'Loon Pair'];

    /** @param string $name one of the two */
    public static function named(string $name): Kit
    {
        $parts = 'Reed Link' === $name
            ? [new KitPart('name', ['Alder', 'Birch', 'Cedar', 'Dogwood', 'Elder', 'Fern', 'Gorse', 'Hazel'])]
            : [new KitPart('number', ['1', '2', '3', '4', '5', '6']), new KitPart('sub-number', ['1', '2', '3', '4'])];
        $nothing = new KitDevice([], []);

        return new Kit($name, $parts, '-', $nothing, $nothing, null, null, 0.0, 0, null, [], 'dark', null, null);
    }
}
