<?php

declare(strict_types=1);

namespace Rigger\Core\Plan;

/** A universe and an address in it. */
final readonly class Place
{
    public function __construct(public int $universe, public int $address)
    {
    }

    public function equals(?self $other): bool
    {
        return null !== $other && $this->universe === $other->universe && $this->address === $other->address;
    }
}
