<?php

declare(strict_types=1);

namespace Rigger\Core\Plan;

use Rigger\Core\Patch\Span;

/** The addresses at which a unit may begin: any, or every step-th from the first on. */
final readonly class Spacing
{
    /**
     * @param int      $last     the last slot that will do
     * @param int|null $universe the only universe that will do; null for any
     */
    private function __construct(public int $first, public int $step, public int $last = Span::LAST_SLOT, public ?int $universe = null)
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

    /** The desk's buttons or zones alone: nothing reaches past the last of them, or into another universe. */
    public static function buttons(int $stride, int $first, int $buttons, int $universe): self
    {
        return new self($first, $stride, min(Span::LAST_SLOT, $first + $buttons * $stride - 1), $universe);
    }

    /** 1, 1 + step, 1 + 2·step, … */
    public static function round(int $step): self
    {
        return new self(1, $step);
    }
}
