<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Shape;

/** A list of whole numbers, each within bounds. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Wholes
{
    public function __construct(public int $min, public int $max)
    {
    }
}
