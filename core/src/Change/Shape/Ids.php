<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Shape;

/** A list of ids, at least one unless it may be empty. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Ids
{
    /** @param string $none what is said to an empty list */
    public function __construct(public string $none = 'Say which units are meant.', public bool $mayBeEmpty = false)
    {
    }
}
