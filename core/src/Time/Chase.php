<?php

declare(strict_types=1);

namespace Rigger\Core\Time;

/** Looks that follow one another. */
final readonly class Chase
{
    /** @param non-empty-list<ChaseStep> $steps */
    public function __construct(public string $id, public ChaseOrder $order, public array $steps)
    {
    }
}
