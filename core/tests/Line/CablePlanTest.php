<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Line;

use PHPUnit\Framework\TestCase;
use Rigger\Core\Line\Cable\CablePlan;
use Rigger\Core\Line\Cable\LaidRun;
use Rigger\Core\Line\Cable\Point;

/** Laws of cable laid by the tool: everybody placed once, nothing shorter for one run of a few, never longer than nearest-first. */
final class CablePlanTest extends TestCase
{
    private static function from(): Point
    {
        return new Point('', 0, -6, 1);
    }

    /** @return list<Point> in a room, by a seed */
    private static function units(int $count, int $seed): array
    {
        mt_srand($seed);

        return array_map(
            static fn (int $k): Point => new Point('u'.$k, mt_rand(-60, 60) / 10, mt_rand(-20, 80) / 10, mt_rand(0, 41) / 10),
            0 === $count ? [] : range(1, $count),
        );
    }

    /**
     * @param list<Point>  $units
     * @param list<string> $order
     */
    private static function way(array $units, array $order): float
    {
        $byId = array_column(array_map(static fn (Point $unit): array => [$unit->id, $unit], $units), 1, 0);
        $at = self::from();
        $sum = 0.0;
        foreach ($order as $id) {
            $sum += $at->wayTo($byId[$id]);
            $at = $byId[$id];
        }

        return $sum;
    }

    /**
     * @param list<Point> $left
     *
     * @return float the shortest way by trying all
     */
    private static function shortest(Point $at, array $left): float
    {
        $best = [] === $left ? 0.0 : \INF;
        foreach ($left as $key => $next) {
            $rest = $left;
            unset($rest[$key]);
            $best = min($best, $at->wayTo($next) + self::shortest($next, array_values($rest)));
        }

        return $best;
    }

    public function testOneRunOfAFewIsTheShortest(): void
    {
        foreach (range(1, 60) as $seed) {
            $units = self::units($seed % 8, $seed);
            $plan = CablePlan::of(self::from(), $units, 32, 1, 1, 0, []);
            self::assertEqualsWithDelta(self::shortest(self::from(), $units), $plan->metres(), 1e-9, 'seed '.$seed);
            self::assertCount([] === $units ? 0 : 1, $plan->runs);
        }
    }

    public function testManyAreNeverLongerThanGoingOnToTheNearest(): void
    {
        foreach (range(1, 60) as $seed) {
            $units = self::units(12 + $seed % 37, $seed);
            $perRun = 4 + $seed % 9;
            $most = 1 + $seed % 5;
            $plan = CablePlan::of(self::from(), $units, $perRun, $most, 1, 0, []);
            $placed = \array_slice($units, 0, $perRun * $most);
            $ids = array_merge(...array_map(static fn (LaidRun $run): array => $run->order, $plan->runs));
            self::assertSame(
                array_map(static fn (Point $unit): string => $unit->id, \array_slice($units, $perRun * $most)),
                $plan->unplaced,
            );
            sort($ids);
            $expected = array_map(static fn (Point $unit): string => $unit->id, $placed);
            sort($expected);
            self::assertSame($expected, $ids);
            self::assertLessThanOrEqual($most, \count($plan->runs));
            $sum = 0.0;
            foreach ($plan->runs as $run) {
                self::assertLessThanOrEqual($perRun, \count($run->order));
                $sum += self::way($units, $run->order);
            }
            self::assertEqualsWithDelta($sum, $plan->metres(), 1e-9);
            self::assertLessThanOrEqual(self::nearestFirst($placed, $perRun) + 1e-9, $sum, 'seed '.$seed);
        }
    }

    /** @param list<Point> $left */
    private static function nearestFirst(array $left, int $perRun): float
    {
        $sum = 0.0;
        $at = self::from();
        $onRun = 0;
        while ([] !== $left) {
            $at = 0 === $onRun ? self::from() : $at;
            $best = array_key_first($left);
            foreach ($left as $key => $unit) {
                $best = $at->wayTo($unit) < $at->wayTo($left[$best]) - 1e-9 ? $key : $best;
            }
            $sum += $at->wayTo($left[$best]);
            $at = $left[$best];
            unset($left[$best]);
            $onRun = ($onRun + 1) % $perRun;
        }

        return $sum;
    }
}
