<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Shape;

/** A list of objects of a class that reads itself from its constructor's members, as changes do. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Each
{
    /** @param class-string $class */
    public function __construct(public string $class)
    {
    }
}
