<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Cable;

/**
 * Makes runs shorter step by step: a piece of a run turned round, a place carried to where it costs less, the ends of two runs swapped.
 * Every step is shorter than the one before, so that what comes out is never longer than what went in.
 *
 * @internal
 */
final class ShorterRuns
{
    private const NEAR = 1e-9;
    /** Rounds over all places; a rig is done long before. */
    private const ROUNDS = 30;

    private function __construct(private readonly Ways $ways, private readonly int $perRun)
    {
    }

    /**
     * @param list<list<int>> $runs
     *
     * @return list<list<int>> as many
     */
    public static function of(Ways $ways, array $runs, int $perRun): array
    {
        $shorter = new self($ways, $perRun);
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $before = $runs;
            $runs = array_map($shorter->turned(...), $runs);
            $runs = $shorter->carried($runs);
            $runs = $shorter->swappedEnds($runs);
            if ($runs === $before) {
                break;
            }
        }

        return $runs;
    }

    /**
     * @param list<int> $run
     *
     * @return list<int>
     */
    private function turned(array $run): array
    {
        $way = $this->ways->between;
        $count = \count($run);
        for ($from = 0; $from < $count - 1; ++$from) {
            for ($to = $from + 1; $to < $count; ++$to) {
                $before = 0 === $from ? 0 : $run[$from - 1];
                $gain = $way[$before][$run[$from]] - $way[$before][$run[$to]];
                if ($to < $count - 1) {
                    $gain += $way[$run[$to]][$run[$to + 1]] - $way[$run[$from]][$run[$to + 1]];
                }
                if ($gain > self::NEAR) {
                    array_splice($run, $from, $to - $from + 1, array_reverse(\array_slice($run, $from, $to - $from + 1)));
                }
            }
        }

        return $run;
    }

    /**
     * @param list<list<int>> $runs
     *
     * @return list<list<int>>
     */
    private function carried(array $runs): array
    {
        foreach ($runs as $from => $run) {
            for ($at = 0; $at < \count($runs[$from]); ++$at) {
                $place = $runs[$from][$at];
                $rest = $runs[$from];
                array_splice($rest, $at, 1);
                $saved = $this->ways->along($runs[$from]) - $this->ways->along($rest);
                [$run, $position] = $this->cheapest($runs, $from, $rest, $place, $saved);
                if (null === $run) {
                    continue;
                }
                $runs[$from] = $rest;
                array_splice($runs[$run], $position, 0, [$place]);
            }
        }

        return $runs;
    }

    /**
     * @param list<list<int>> $runs
     * @param list<int>       $rest of the run that it leaves
     *
     * @return array{int|null, int} run and place in it; null where it stands best
     */
    private function cheapest(array $runs, int $from, array $rest, int $place, float $saved): array
    {
        $way = $this->ways->between;
        $best = [null, 0];
        $least = $saved - self::NEAR;
        foreach ($runs as $number => $run) {
            $run = $number === $from ? $rest : $run;
            if ($number !== $from && \count($run) >= $this->perRun) {
                continue;
            }
            foreach ([...$run, null] as $position => $next) {
                $before = 0 === $position ? 0 : $run[$position - 1];
                $cost = $way[$before][$place] + (null === $next ? 0.0 : $way[$place][$next] - $way[$before][$next]);
                if ($cost < $least) {
                    [$best, $least] = [[$number, $position], $cost - self::NEAR];
                }
            }
        }

        return $best;
    }

    /**
     * @param list<list<int>> $runs
     *
     * @return list<list<int>>
     */
    private function swappedEnds(array $runs): array
    {
        $way = $this->ways->between;
        foreach (array_keys($runs) as $one) {
            for ($other = $one + 1; $other < \count($runs); ++$other) {
                for ($i = 0; $i <= \count($runs[$one]); ++$i) {
                    for ($j = 0; $j <= \count($runs[$other]); ++$j) {
                        [$headOne, $tailOne] = [\array_slice($runs[$one], 0, $i), \array_slice($runs[$one], $i)];
                        [$headOther, $tailOther] = [\array_slice($runs[$other], 0, $j), \array_slice($runs[$other], $j)];
                        if (max($i + \count($tailOther), $j + \count($tailOne)) > $this->perRun) {
                            continue;
                        }
                        [$a, $b] = [$headOne[$i - 1] ?? 0, $headOther[$j - 1] ?? 0];
                        [$c, $d] = [$tailOne[0] ?? null, $tailOther[0] ?? null];
                        $now = (null === $c ? 0.0 : $way[$a][$c]) + (null === $d ? 0.0 : $way[$b][$d]);
                        $then = (null === $d ? 0.0 : $way[$a][$d]) + (null === $c ? 0.0 : $way[$b][$c]);
                        if ($then < $now - self::NEAR) {
                            $runs[$one] = [...$headOne, ...$tailOther];
                            $runs[$other] = [...$headOther, ...$tailOne];
                        }
                    }
                }
            }
        }

        return $runs;
    }
}
