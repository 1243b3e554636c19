<?php

declare(strict_types=1);

namespace Rigger\Core\Learn;

/** What the light did at one value of the fader. */
final readonly class Note
{
    /** @param int<0, 255> $value */
    public function __construct(public int $value, public string $what)
    {
    }
}
