<?php

declare(strict_types=1);

namespace Rigger\Core\Colour;

/**
 * A linear programme of up to two rows: levels from 0 to 1 with Σ columnᵢ·levelᵢ = 0 that make the first aim as great as it can be,
 * then the second, and so on.
 *
 * The simplex method with bounded variables (G. B. Dantzig, "Upper bounds, secondary constraints, and block triangularity in linear
 * programming", Econometrica 23, 1955), from all levels at 0, which always holds; Bland's rule keeps it from going in circles.
 */
final class Programme
{
    private const NEAR = 1e-11;
    /** Bland's rule ends by itself; this only bounds what rounding could do to it. */
    private const MOST_TURNS = 2000;

    /** @var array<int, float> by column */
    private array $levels;
    /** @var list<int> index of the column that each row's basic variable belongs to; −1 for one that must stay 0 */
    private array $basis;
    /** @var list<list<float>> of the basis, by row */
    private array $inverse;

    /**
     * @param list<list<float>> $columns one number for each of 0, 1 or 2 rows
     * @param list<list<float>> $aims    by column, the most important first; each column's at most some 1 in size
     * @param int<0, 2>         $rows
     */
    private function __construct(private readonly array $columns, private readonly array $aims, private readonly int $rows)
    {
        $this->levels = array_fill(0, \count($columns), 0.0);
        $this->basis = array_fill(0, $rows, -1);
        $this->inverse = [[], [[1.0]], [[1.0, 0.0], [0.0, 1.0]]][$rows];
    }

    /**
     * @param list<list<float>> $columns
     * @param list<list<float>> $aims
     * @param int<0, 2>         $rows
     *
     * @return list<float> levels
     */
    public static function solve(array $columns, array $aims, int $rows): array
    {
        $programme = new self($columns, $aims, $rows);
        for ($turn = 0; $turn < self::MOST_TURNS && $programme->improve(); ++$turn) {
        }

        return array_values(array_map(static fn (float $level): float => min(1.0, max(0.0, $level)), $programme->levels));
    }

    private function improve(): bool
    {
        $prices = $this->prices();
        foreach ($this->columns as $index => $column) {
            if (\in_array($index, $this->basis, true)) {
                continue;
            }
            $isUp = $this->levels[$index] < 0.5;
            if ($this->gain($index, $column, $prices) === ($isUp ? 1 : -1)) {
                $this->move($index, $column, $isUp ? 1.0 : -1.0);

                return true;
            }
        }

        return false;
    }

    /** @return list<array<int, float>> what each row is worth, by aim */
    private function prices(): array
    {
        $prices = [];
        foreach (array_keys($this->aims[0] ?? []) as $aim) {
            $row = array_fill(0, $this->rows, 0.0);
            foreach ($this->basis as $place => $index) {
                if ($index >= 0) {
                    foreach ($this->inverse[$place] as $at => $one) {
                        $row[$at] += $this->aims[$index][$aim] * $one;
                    }
                }
            }
            $prices[] = $row;
        }

        return $prices;
    }

    /**
     * @param list<float>             $column
     * @param list<array<int, float>> $prices
     *
     * @return int 1 where more of it serves the first aim that it touches, −1 where less does, 0 where it is all the same
     */
    private function gain(int $index, array $column, array $prices): int
    {
        foreach ($prices as $aim => $price) {
            $gain = $this->aims[$index][$aim];
            foreach ($price as $row => $one) {
                $gain -= $one * $column[$row];
            }
            if (abs($gain) > self::NEAR) {
                return $gain > 0 ? 1 : -1;
            }
        }

        return 0;
    }

    /** @param list<float> $column */
    private function move(int $entering, array $column, float $way): void
    {
        $step = 1.0;
        $leaving = null;
        $leavesAt = 0.0;
        $moves = [];
        foreach ($this->inverse as $place => $row) {
            $moves[$place] = 0.0;
            foreach ($row as $at => $one) {
                $moves[$place] += $one * $column[$at];
            }
            $move = -$way * $moves[$place];
            $index = $this->basis[$place];
            if (abs($move) <= self::NEAR) {
                continue;
            }
            $bound = $index < 0 || $move < 0 ? 0.0 : 1.0;
            $room = $index < 0 ? 0.0 : max(0.0, ($bound - $this->levels[$index]) / $move);
            // Of several that stop it at once, the first: Bland's rule.
            if ($room < $step - 1e-15 || ($room <= $step && null !== $leaving && $index < $this->basis[$leaving])) {
                [$step, $leaving, $leavesAt] = [$room, $place, $bound];
            }
        }
        foreach ($this->basis as $place => $index) {
            if ($index >= 0) {
                $this->levels[$index] -= $way * $step * $moves[$place];
            }
        }
        if (null === $leaving) {
            $this->levels[$entering] = $way > 0 ? 1.0 : 0.0;

            return;
        }
        $this->levels[$entering] += $way * $step;
        if ($this->basis[$leaving] >= 0) {
            $this->levels[$this->basis[$leaving]] = $leavesAt;
        }
        $this->basis[$leaving] = $entering;
        $this->turnOver($leaving, $moves);
    }

    /**
     * The inverse after a column has come into the basis.
     *
     * @param array<int, float> $moves
     */
    private function turnOver(int $leaving, array $moves): void
    {
        $pivot = array_map(static fn (float $one): float => $one / $moves[$leaving], $this->inverse[$leaving]);
        foreach ($this->inverse as $place => $row) {
            $this->inverse[$place] = $place === $leaving
                ? $pivot
                : array_map(static fn (float $one, float $of): float => $one - $moves[$place] * $of, $row, $pivot);
        }
    }
}
