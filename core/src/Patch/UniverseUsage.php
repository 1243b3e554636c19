<?php

declare(strict_types=1);

namespace Rigger\Core\Patch;

/** How much of a universe is taken, counting a slot once however many units share it. */
final readonly class UniverseUsage
{
    /** @param array{from: int, to: int}|null $largestGap longest run of free slots, the first of equals; null when full */
    private function __construct(public int $universe, public int $used, public int $free, public ?array $largestGap)
    {
    }

    /** @param list<Span> $spans */
    public static function of(int $universe, array $spans): self
    {
        usort($spans, static fn (Span $one, Span $other): int => $one->first <=> $other->first);
        $gap = null;
        $used = 0;
        $reached = 0;
        foreach ($spans as $span) {
            $gap = self::longer($gap, $reached + 1, $span->first - 1);
            $used += max(0, $span->lastInUniverse() - max($reached, $span->first - 1));
            $reached = max($reached, $span->lastInUniverse());
        }
        $gap = self::longer($gap, $reached + 1, Span::LAST_SLOT);

        return new self($universe, $used, Span::LAST_SLOT - $used, $gap);
    }

    /**
     * The lowest address at which so many channels find room, or null.
     *
     * @param list<Span> $spans
     */
    public static function firstFit(array $spans, int $footprint): ?int
    {
        usort($spans, static fn (Span $one, Span $other): int => $one->first <=> $other->first);
        $candidate = 1;
        foreach ($spans as $span) {
            if ($span->first - $candidate >= $footprint) {
                break;
            }
            $candidate = max($candidate, $span->last() + 1);
        }

        return $candidate + $footprint - 1 <= Span::LAST_SLOT ? $candidate : null;
    }

    /** @return array{universe: int, used: int, free: int, largestGap: array{from: int, to: int}|null} */
    public function toArray(): array
    {
        return ['universe' => $this->universe, 'used' => $this->used, 'free' => $this->free, 'largestGap' => $this->largestGap];
    }

    /**
     * @param array{from: int, to: int}|null $gap
     *
     * @return array{from: int, to: int}|null
     */
    private static function longer(?array $gap, int $from, int $to): ?array
    {
        $length = $to - $from + 1;

        return $length > (null === $gap ? 0 : $gap['to'] - $gap['from'] + 1) ? ['from' => $from, 'to' => $to] : $gap;
    }
}
