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
        $lower = null;
        foreach ($this->whatAt as $value => $what) {
            if (null !== $lower && $this->whatAt[$lower] !== $what && $value - $lower > 1) {
                return max(0, min(255, intdiv($lower + $value, 2)));
            }
            $lower = $value;
        }

        return null;
    }

    /** @return list<ObservedRange> from the lowest to the highest noted value; an edge not yet found lies half-way, rounded down */
    public function ranges(): array
    {
        $ranges = [];
        $from = $last = null;
        foreach ($this->whatAt as $value => $what) {
            if (null === $last || null === $from) {
                $from = $value;
            } elseif ($this->whatAt[$last] !== $what) {
                $edge = intdiv($last + $value, 2);
                $ranges[] = new ObservedRange($from, $edge, $this->whatAt[$last]);
                $from = $edge + 1;
            }
            $last = $value;
        }

        return null === $last || null === $from ? [] : [...$ranges, new ObservedRange($from, $last, $this->whatAt[$last])];
    }

    /** Tries that are left at the least: the halvings of every gap that still holds an edge, and the first values not tried. */
    public function triesLeft(): int
    {
        $tries = \count(array_filter(self::FIRST, fn (int $value): bool => !isset($this->whatAt[$value])));
        $lower = null;
        foreach ($this->whatAt as $value => $what) {
            if (null !== $lower && $this->whatAt[$lower] !== $what) {
                $tries += (int) ceil(log($value - $lower, 2));
            }
            $lower = $value;
        }

        return $tries;
    }
}
