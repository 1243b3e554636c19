<?php

declare(strict_types=1);

namespace Rigger\Core\Position;

/** Puts several units into order on the plan. Heights stay as they are. */
enum Lineup: string
{
    /** All at one distance from the audience: the middle of what they have now. */
    case Row = 'row';
    /** All at one distance from the centre line. */
    case Column = 'column';
    /** At even distances on the straight line between the two that are farthest apart. */
    case Spread = 'spread';

    /**
     * @param list<Spot> $spots
     *
     * @return list<Spot> in the same order
     */
    public function apply(array $spots): array
    {
        $count = \count($spots);
        if ($count < 2) {
            return $spots;
        }
        if (self::Spread === $this) {
            return self::spread($spots);
        }
        $along = array_map(fn (Spot $spot): float => self::Row === $this ? $spot->y : $spot->x, $spots);
        $middle = round((min($along) + max($along)) / 2, 2);

        return array_map(
            fn (Spot $spot): Spot => self::Row === $this ? new Spot(
                $spot->x,
                $middle,
                $spot->height,
            ) : new Spot($middle, $spot->y, $spot->height),
            $spots,
        );
    }

    /**
     * @param list<Spot> $spots
     *
     * @return list<Spot>
     */
    private static function spread(array $spots): array
    {
        [$first, $last] = self::ends($spots);
        [$dx, $dy] = [$last->x - $first->x, $last->y - $first->y];
        $order = array_keys($spots);
        usort(
            $order,
            static fn (int $one, int $other): int => [self::along($spots[$one], $first, $dx, $dy), $one] <=> [
                self::along($spots[$other], $first, $dx, $dy),
                $other,
            ],
        );
        $spread = $spots;
        foreach ($order as $rank => $index) {
            $share = $rank / (\count($spots) - 1);
            $spread[$index] = new Spot(round($first->x + $share * $dx, 2), round($first->y + $share * $dy, 2), $spots[$index]->height);
        }

        return array_values($spread);
    }

    private static function along(Spot $spot, Spot $first, float $dx, float $dy): float
    {
        return ($spot->x - $first->x) * $dx + ($spot->y - $first->y) * $dy;
    }

    /**
     * @param list<Spot> $spots
     *
     * @return array{Spot, Spot} the two farthest apart, the first pair of equals, from left to right
     */
    private static function ends(array $spots): array
    {
        $ends = [$spots[0], $spots[1]];
        $most = -1.0;
        foreach ($spots as $index => $spot) {
            foreach (\array_slice($spots, $index + 1) as $other) {
                $distance = hypot($spot->x - $other->x, $spot->y - $other->y);
                if ($distance > $most) {
                    [$ends, $most] = [[$spot, $other], $distance];
                }
            }
        }

        return $ends[0]->x <= $ends[1]->x ? $ends : [$ends[1], $ends[0]];
    }
}
