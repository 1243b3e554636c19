<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** A mode that a desk plan may choose. */
final readonly class PlanMode
{
    /** @param list<string> $functions what its channels can do */
    public function __construct(public string $key, public int $footprint, public array $functions)
    {
    }

    /** @param list<string> $wants */
    public function has(array $wants): bool
    {
        return [] === array_diff($wants, $this->functions);
    }
}
