<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Cable;

/** Cable laid from one place through units, with the lengths that the van holds. */
final readonly class CablePlan
{
    private const NEAR = 1e-9;

    /**
     * @param list<LaidRun> $runs     those that have units
     * @param list<string>  $unplaced the last of the list, where the runs are full
     */
    private function __construct(public array $runs, public array $unplaced)
    {
    }

    /**
     * The shortest way for one run of up to 11 units; beyond that never longer than going on to the nearest unit left.
     *
     * @param list<Point> $units
     * @param int         $perRun  from 1
     * @param int         $most    runs at most, from 1
     * @param float       $slack   factor on each way, above 0
     * @param float       $spare   metres on top, from 0
     * @param list<float> $lengths of the cables at hand, each above 0
     */
    public static function of(Point $from, array $units, int $perRun, int $most, float $slack, float $spare, array $lengths): self
    {
        $room = $perRun >= \count($units) || $most >= \count($units) ? \count($units) : min(\count($units), $perRun * $most);
        $placed = \array_slice($units, 0, $room);
        $ways = Ways::of($from, $placed);
        sort($lengths);
        $runs = array_map(
            static fn (array $order): LaidRun => self::laid($order, $ways, $placed, $slack, $spare, $lengths),
            self::orders($ways, \count($placed), $perRun, $most),
        );

        return new self($runs, array_map(static fn (Point $unit): string => $unit->id, \array_slice($units, $room)));
    }

    public function metres(): float
    {
        return array_sum(array_map(static fn (LaidRun $run): float => $run->metres(), $this->runs));
    }

    /** @return list<list<int>> */
    private static function orders(Ways $ways, int $count, int $perRun, int $most): array
    {
        $left = 0 === $count ? [] : range(1, $count);
        if (1 === $most && $count <= ShortestWay::MOST) {
            return [] === $left ? [] : [ShortestWay::through($ways, $left)];
        }
        $runs = [];
        while ([] !== $left && \count($runs) < $most) {
            $runs[] = $run = $ways->nearestFirst($left, $perRun);
            $left = array_values(array_diff($left, $run));
        }
        // A run more may be shorter than a long way back.
        if (\count($runs) < $most) {
            $runs[] = [];
        }
        $runs = array_map(
            static fn (array $run): array => \count($run) <= ShortestWay::MOST ? ShortestWay::through($ways, $run) : $run,
            ShorterRuns::of($ways, $runs, $perRun),
        );

        return array_values(array_filter($runs, static fn (array $run): bool => [] !== $run));
    }

    /**
     * @param list<int>   $order
     * @param list<Point> $units
     * @param list<float> $lengths ascending
     */
    private static function laid(array $order, Ways $ways, array $units, float $slack, float $spare, array $lengths): LaidRun
    {
        $cables = [];
        $at = 0;
        foreach ($order as $place) {
            $needed = $ways->between[$at][$place] * $slack + $spare;
            $cables[] = ['to' => $units[$place - 1]->id, 'needed' => $needed, 'length' => self::length($needed, $lengths)];
            $at = $place;
        }

        return new LaidRun(array_map(static fn (int $place): string => $units[$place - 1]->id, $order), $cables);
    }

    /** @param list<float> $lengths ascending */
    private static function length(float $needed, array $lengths): ?float
    {
        foreach ($lengths as $length) {
            if ($length >= $needed - self::NEAR) {
                return $length;
            }
        }

        return null;
    }
}
