<?php

declare(strict_types=1);

namespace Rigger\Core\Plan;

/** The addresses at which a unit may begin: any, or every step-th from the first on. */
final readonly class Spacing
{
    private function __construct(public int $first, public int $step)
    {
    }

    public static function packed(): self
    {
        return new self(1, 1);
    }

    /** First, first + stride, first + 2·stride, …, alike in every universe. */
    public static function stride(int $stride, int $first): self
    {
        return new self($first, $stride);
    }

    /** 1, 1 + step, 1 + 2·step, … */
    public static function round(int $step): self
    {
        return new self(1, $step);
    }
}
