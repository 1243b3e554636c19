<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** The mode and place that a desk plan gives a unit. */
final readonly class Assignment
{
    /** @param int|null $button null on a desk without fixture buttons or zones */
    public function __construct(public string $id, public PlanMode $mode, public ?int $button, public int $address)
    {
    }
}
