<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Cable;

/**
 * The shortest way through a few places, from the beginning, ending anywhere: by the shortest way to each subset (Held and Karp, 1962).
 *
 * @internal
 */
final class ShortestWay
{
    /** Subsets double with each place: beyond that it takes too long. */
    public const MOST = 11;

    /**
     * @param list<int> $places at most MOST
     *
     * @return list<int>
     */
    public static function through(Ways $ways, array $places): array
    {
        $count = \count($places);
        if ($count < 2) {
            return $places;
        }
        $all = (1 << $count) - 1;
        $way = $before = [];
        foreach ($places as $last => $place) {
            $way[1 << $last][$last] = $ways->between[0][$place];
        }
        for ($set = 1; $set <= $all; ++$set) {
            foreach ($way[$set] ?? [] as $last => $length) {
                for ($next = 0; $next < $count; ++$next) {
                    if (0 !== ($set & (1 << $next))) {
                        continue;
                    }
                    $wider = $set | (1 << $next);
                    $longer = $length + $ways->between[$places[$last]][$places[$next]];
                    if ($longer < ($way[$wider][$next] ?? \INF) - 1e-12) {
                        $way[$wider][$next] = $longer;
                        $before[$wider][$next] = $last;
                    }
                }
            }
        }
        $last = 0;
        for ($end = 1; $end < $count; ++$end) {
            $last = $way[$all][$end] < $way[$all][$last] - 1e-12 ? $end : $last;
        }
        $order = [];
        for ($set = $all; 0 !== $set;) {
            $order[] = $places[$last];
            $earlier = $before[$set][$last] ?? 0;
            $set ^= 1 << $last;
            $last = $earlier;
        }

        return array_reverse($order);
    }
}
