<?php

declare(strict_types=1);

namespace Rigger\Core\Colour;

/** By which of all ways to mix a colour it is mixed. */
enum Recipe: string
{
    /** As much light as there can be. */
    case Brightest = 'brightest';
    /** As much of it from white emitters as there can be: kinder to faces and cloth. */
    case WhiteFirst = 'white-first';
    /** Red, green and blue alone: to match plainer units. */
    case Three = 'three';

    /** Keys of the emitters that `three` uses. */
    public const THREE = ['red', 'green', 'blue'];

    /** @return list<string> */
    public static function words(): array
    {
        return array_map(static fn (self $one): string => $one->value, self::cases());
    }
}
