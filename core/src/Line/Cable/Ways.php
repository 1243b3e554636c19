<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Cable;

/**
 * The ways between a beginning, number 0, and places numbered from 1.
 *
 * @internal
 */
final readonly class Ways
{
    /** @param list<list<float>> $between metres from each to each */
    private function __construct(public array $between)
    {
    }

    /** @param list<Point> $places */
    public static function of(Point $from, array $places): self
    {
        $all = [$from, ...$places];

        return new self(array_map(
            static fn (Point $one): array => array_map(static fn (Point $other): float => $one->wayTo($other), $all),
            $all,
        ));
    }

    /** @param list<int> $order of one run */
    public function along(array $order): float
    {
        $sum = 0.0;
        $at = 0;
        foreach ($order as $next) {
            $sum += $this->between[$at][$next];
            $at = $next;
        }

        return $sum;
    }

    /**
     * Always on to the nearest that is left; the earlier one where two are as near.
     *
     * @param list<int> $left
     *
     * @return list<int> at most so many
     */
    public function nearestFirst(array $left, int $most): array
    {
        $order = [];
        $at = 0;
        while ([] !== $left && \count($order) < $most) {
            $best = array_key_first($left);
            foreach ($left as $key => $place) {
                if ($this->between[$at][$place] < $this->between[$at][$left[$best]] - 1e-9) {
                    $best = $key;
                }
            }
            $order[] = $at = $left[$best];
            unset($left[$best]);
        }

        return $order;
    }
}
