<?php

declare(strict_types=1);

namespace Rigger\Core\Patch;

/** How many units listen to each slot of one universe: where room is, with some of them thought away. */
final readonly class Occupancy
{
    /** @param array<int, int> $counts by slot, 1 to 512 */
    private function __construct(private array $counts)
    {
    }

    /** @param iterable<Span> $spans */
    public static function of(iterable $spans): self
    {
        $counts = array_fill(1, Span::LAST_SLOT, 0);
        foreach ($spans as $span) {
            for ($slot = $span->first, $last = $span->lastInUniverse(); $slot <= $last; ++$slot) {
                ++$counts[$slot];
            }
        }

        return new self($counts);
    }

    /** As if these were not there. */
    public function without(Span ...$spans): self
    {
        $counts = $this->counts;
        foreach ($spans as $span) {
            for ($slot = $span->first, $last = $span->lastInUniverse(); $slot <= $last; ++$slot) {
                --$counts[$slot];
            }
        }

        return new self($counts);
    }

    /** And with this one. */
    public function with(Span $span): self
    {
        $counts = $this->counts;
        for ($slot = $span->first, $last = $span->lastInUniverse(); $slot <= $last; ++$slot) {
            ++$counts[$slot];
        }

        return new self($counts);
    }

    /**
     * The lowest address at which every channel is free.
     *
     * @param list<int>|null $starts the only addresses that will do, ascending; null for any
     */
    public function lowest(int $footprint, ?array $starts = null): ?int
    {
        if (null !== $starts) {
            foreach ($starts as $start) {
                if ($this->isFree($start, $footprint)) {
                    return $start;
                }
            }

            return null;
        }
        $free = 0;
        for ($slot = 1; $slot <= Span::LAST_SLOT; ++$slot) {
            $free = 0 === $this->counts[$slot] ? $free + 1 : 0;
            if ($free >= $footprint) {
                return $slot - $footprint + 1;
            }
        }

        return null;
    }

    /**
     * The next address from one on at which every channel is free, within bounds; after the last it begins again at the first.
     *
     * @param int $from  where to begin
     * @param int $first the lowest slot that will do
     * @param int $last  the highest slot that will do
     *
     * @return int|null 1 to 512; null where no run is long enough
     */
    public function nextFrom(int $from, int $footprint, int $first, int $last): ?int
    {
        $lowest = null;
        $free = 0;
        for ($slot = max(1, $first), $end = min($last, Span::LAST_SLOT); $slot <= $end; ++$slot) {
            $free = 0 === $this->counts[$slot] ? $free + 1 : 0;
            if ($free < $footprint) {
                continue;
            }
            $start = $slot - $footprint + 1;
            if ($start >= $from) {
                return $start;
            }
            $lowest ??= $start;
        }

        return $lowest;
    }

    public function isFree(int $start, int $footprint): bool
    {
        if ($start + $footprint - 1 > Span::LAST_SLOT) {
            return false;
        }
        for ($slot = $start; $slot < $start + $footprint; ++$slot) {
            if (0 !== $this->counts[$slot]) {
                return false;
            }
        }

        return true;
    }
}
