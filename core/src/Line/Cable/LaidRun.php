<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Cable;

/** One run of a cable plan. */
final readonly class LaidRun
{
    /**
     * @param list<string>                                               $order  ids in the order of the cable
     * @param list<array{to: string, needed: float, length: float|null}> $cables one to each; length null where none is long enough, so
     *                                                                           that pieces must be joined
     */
    public function __construct(public array $order, public array $cables)
    {
    }

    /** Of the cables as they are, of joined ones what is needed. */
    public function metres(): float
    {
        return array_sum(array_map(static fn (array $cable): float => $cable['length'] ?? $cable['needed'], $this->cables));
    }
}
