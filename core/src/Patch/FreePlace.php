<?php

declare(strict_types=1);

namespace Rigger\Core\Patch;

/** Where the next unit finds room among those that hang already. */
final class FreePlace
{
    /**
     * @param list<Span>     $taken     in one universe
     * @param list<int>|null $starts    the only addresses that will do, ascending (a desk's buttons); null for any
     * @param int            $footprint number of channels
     *
     * @return int|null the lowest address at which every channel is free, or null
     */
    public static function lowest(array $taken, int $footprint, ?array $starts = null): ?int
    {
        if (null === $starts) {
            return UniverseUsage::firstFit($taken, $footprint);
        }
        foreach ($starts as $start) {
            $span = Span::at($start, $footprint);
            if ($span->fits() && !self::isTaken($span, $taken)) {
                return $start;
            }
        }

        return null;
    }

    /** @param list<Span> $taken */
    private static function isTaken(Span $span, array $taken): bool
    {
        foreach ($taken as $other) {
            if (null !== $span->shared($other)) {
                return true;
            }
        }

        return false;
    }
}
