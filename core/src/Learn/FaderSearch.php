<?php

declare(strict_types=1);

namespace Rigger\Core\Learn;

/**
 * `chart.learn`: finds the ranges of a channel by trying values of its fader.
 *
 * First nine values spread over the travel, then halving between neighbours at which the light differed: an edge in a gap
 * of n values costs ⌈log2 n⌉ tries. What is narrower than 32 values and lies between two equal notes may still hide.
 */
final class FaderSearch
{
    private const FIRST = [0, 255, 128, 64, 192, 32, 96, 160, 224];

    /** @var array<int, string> what by value, ascending */
    private array $whatAt = [];

    /** @param list<Note> $notes of the same value the later one counts */
    public function __construct(array $notes)
    {
        foreach ($notes as $note) {
            $this->whatAt[$note->value] = $note->what;
        }
        ksort($this->whatAt);
    }

    /** @return int<0, 255>|null the value to try next; null when nothing known is left to narrow down */
    public function next(): ?int
    {
        foreach (self::FIRST as $value) {
            if (!isset($this->whatAt[$value])) {
                return $value;
            }
        }
        foreach ($this->edges() as [$lower, $upper]) {
            if ($upper - $lower > 1) {
                return max(0, min(255, intdiv($lower + $upper, 2)));
            }
        }

        return null;
    }

    /** @return list<ObservedRange> from the lowest to the highest noted value; an edge not yet found lies half-way, rounded down */
    public function ranges(): array
    {
        if ([] === $this->whatAt) {
            return [];
        }
        $from = array_key_first($this->whatAt);
        $ranges = [];
        foreach ($this->edges() as [$lower, $upper]) {
            $edge = intdiv($lower + $upper, 2);
            $ranges[] = new ObservedRange($from, $edge, $this->whatAt[$lower]);
            $from = $edge + 1;
        }
        $last = array_key_last($this->whatAt);

        return [...$ranges, new ObservedRange($from, $last, $this->whatAt[$last])];
    }

    /** Tries that are left at the least: the halvings of every gap that still holds an edge, and the first values not tried. */
    public function triesLeft(): int
    {
        $tries = \count(array_filter(self::FIRST, fn (int $value): bool => !isset($this->whatAt[$value])));
        foreach ($this->edges() as [$lower, $upper]) {
            $tries += (int) ceil(log($upper - $lower, 2));
        }

        return $tries;
    }

    /** @return list<array{int, int}> neighbouring notes that differ, ascending */
    private function edges(): array
    {
        $values = array_keys($this->whatAt);
        $edges = [];
        foreach (\array_slice($values, 1) as $index => $value) {
            if ($this->whatAt[$values[$index]] !== $this->whatAt[$value]) {
                $edges[] = [$values[$index], $value];
            }
        }

        return $edges;
    }
}
