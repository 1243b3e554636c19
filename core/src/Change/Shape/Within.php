<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Shape;

/** A number within bounds. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Within
{
    /** @param string $message what is said of one that is not; {value} stands for it */
    public function __construct(public int|float $min, public int|float $max, public string $message)
    {
    }
}
