<?php

declare(strict_types=1);

namespace Rigger\Core\Learn;

/** Values at which the light did the same. */
final readonly class ObservedRange
{
    public function __construct(public int $from, public int $to, public string $what)
    {
    }
}
