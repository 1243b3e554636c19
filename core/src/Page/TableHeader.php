<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

use Rigger\Core\Input\Splitting;

/** The head of a table: what each column holds, and where one table ends and another begins beside it. */
final readonly class TableHeader
{
    /** Rows looked at to tell a column of channel numbers from one of words. */
    private const LOOK_AHEAD = 16;

    /**
     * @param list<list<Column>> $groups  tables side by side, left to right
     * @param bool               $isLoose one blank between the heads, so that rows cannot be cut by them
     */
    private function __construct(public array $groups, private Separator $separator, public bool $isLoose = false)
    {
    }

    /** @param list<Row> $following */
    public static function detect(Row $row, array $following): ?self
    {
        $filled = $row->filled();
        if (\count($filled) < 2) {
            return self::loose($row);
        }
        $columns = [];
        $known = 0;
        foreach ($row->separator->isCounted() ? $row->cells : $filled as $cell) {
            if ($cell->isBlank()) {
                $columns[] = new Column($cell, ColumnRole::Other);
                continue;
            }
            $role = ColumnRole::ofHeading($cell->text);
            if ((ColumnRole::Other === $role || ColumnRole::Channel === $role) && self::isModeColumn(
                $cell,
                $row,
                $following,
                ColumnRole::Channel === $role,
            )) {
                $role = ColumnRole::Mode;
            }
            $known += ColumnRole::Other === $role ? 0 : 1;
            $columns[] = new Column($cell, $role);
        }
        $roles = array_map(static fn (Column $column): ColumnRole => $column->role, $columns);
        $hasWords = [] !== array_filter(
            $roles,
            static fn (ColumnRole $role): bool => !\in_array($role, [ColumnRole::Other, ColumnRole::Mode], true),
        );
        $hasNumbers = \in_array(
            ColumnRole::Channel,
            $roles,
            true,
        ) || \in_array(ColumnRole::Mode, $roles, true) || \in_array(
            ColumnRole::Values,
            $roles,
            true,
        ) || \in_array(ColumnRole::From, $roles, true);
        if ($known < 2 || !$hasWords || !$hasNumbers || $known * 2 < \count($filled)) {
            return null;
        }

        return new self(self::grouped(self::singleModeIsChannel($columns)), $row->separator);
    }

    /** @return list<ModeHeading> of the columns that are modes, left to right; none where there is one column of channels */
    public function modes(): array
    {
        $modes = [];
        foreach ($this->groups[0] ?? [] as $column) {
            if (ColumnRole::Mode === $column->role) {
                $modes[] = ModeHeading::ofColumn($column->head->text);
            }
        }

        return $modes;
    }

    /**
     * The row's cells, each in the column it stands under.
     *
     * @return list<list<array{Column, Cell}>> by group
     */
    public function place(Row $row): array
    {
        $placed = array_map(static fn (): array => [], $this->groups);
        foreach ($row->filled() as $cell) {
            [$group, $column] = $this->under($cell, $row);
            $placed[$group][] = [$column, $cell];
        }

        return $placed;
    }

    /** Whether a line is one text that runs across the columns: a title or a remark of the page, and no row of the table. */
    public function isRunOver(Row $row): bool
    {
        $filled = $row->filled();
        if (1 !== \count($filled) || $row->separator->isCounted() || $this->separator->isCounted() || $this->isLoose) {
            return false;
        }
        $under = 0;
        foreach (array_merge(...$this->groups) as $column) {
            $under += $column->head->start < $filled[0]->end() && $column->head->end() > $filled[0]->start ? 1 : 0;
        }

        return $under > 1;
    }

    public function has(ColumnRole $role): bool
    {
        foreach ($this->groups[0] ?? [] as $column) {
            if ($column->role === $role) {
                return true;
            }
        }

        return false;
    }

    /** @return array{int, Column} */
    private function under(Cell $cell, Row $row): array
    {
        $last = $this->groups[\count($this->groups) - 1];
        if ($row->separator->isCounted() && $this->separator->isCounted() && $cell->index > $last[\count($last) - 1]->head->index) {
            // A column without a head, to the right of those that have one.
            return [\count($this->groups) - 1, new Column(new Cell('', $cell->index, $cell->start), ColumnRole::Other)];
        }
        $best = [0, $this->groups[0][0]];
        $least = \PHP_INT_MAX;
        foreach ($this->groups as $group => $columns) {
            foreach ($columns as $column) {
                if ($row->separator->isCounted() && $this->separator->isCounted()) {
                    $distance = abs($column->head->index - $cell->index) * 1000 + ($cell->index < $column->head->index ? 500 : 0);
                } else {
                    $overlap = min($cell->end(), $column->head->end()) - max($cell->start, $column->head->start);
                    $distance = $overlap > 0
                        ? -$overlap * 1000 + abs($cell->start - $column->head->start)
                        : min(abs($cell->start - $column->head->start), abs($cell->start - $column->head->end()) + 1);
                }
                if ($distance < $least) {
                    [$best, $least] = [[$group, $column], $distance];
                }
            }
        }

        return $best;
    }

    /** @param list<Row> $following */
    private static function isModeColumn(Cell $head, Row $row, array $following, bool $isChannelWord): bool
    {
        $numbers = 0;
        $others = 0;
        foreach (\array_slice($following, 0, self::LOOK_AHEAD) as $next) {
            if (!$next->isBlank() && !$next->isRule() && self::isBareHeading($next)) {
                break;
            }
            foreach ($next->filled() as $cell) {
                $isUnder = $row->separator->isCounted()
                    ? $cell->index === $head->index
                    : ($cell->start <= $head->end() && $cell->end() >= $head->start);
                if ($isUnder) {
                    $isNumber = null !== $cell->number() || null !== ChannelMark::cell($cell->text);
                    $numbers += $isNumber ? 1 : 0;
                    $others += $isNumber || $cell->isDash() ? 0 : 1;
                }
            }
        }
        $isHeading = null !== ModeHeading::countIn($head->text) || null !== ModeHeading::of($head->text);
        if ($isChannelWord && !$isHeading) {
            return false;
        }

        return $numbers > 0 && $numbers >= 2 * $others;
    }

    private static function isBareHeading(Row $row): bool
    {
        return 1 === \count($row->filled()) && null !== ModeHeading::of($row->text());
    }

    /**
     * @param list<Column> $columns
     *
     * @return list<list<Column>>
     */
    private static function grouped(array $columns): array
    {
        $groups = [];
        $current = [];
        $seen = [];
        foreach ($columns as $column) {
            $begins = ColumnRole::Channel === $column->role && \in_array(ColumnRole::Channel, $seen, true) && [] !== array_filter(
                $seen,
                static fn (ColumnRole $role): bool => \in_array($role, [ColumnRole::Label, ColumnRole::Values, ColumnRole::Text], true),
            );
            if ($begins) {
                $groups[] = $current;
                $current = $seen = [];
            }
            $current[] = $column;
            $seen[] = $column->role;
        }
        $groups[] = $current;

        return $groups;
    }

    /**
     * A column of channels beside mode columns is a mode too only when it says so; a mode column alone names the mode.
     *
     * @param list<Column> $columns
     *
     * @return list<Column>
     */
    private static function singleModeIsChannel(array $columns): array
    {
        $modes = array_filter($columns, static fn (Column $column): bool => ColumnRole::Mode === $column->role);
        $channels = array_filter($columns, static fn (Column $column): bool => ColumnRole::Channel === $column->role);
        if ([] === $modes || [] === $channels || \count($modes) > 1) {
            return [] === $modes || [] === $channels
                ? $columns
                : array_map(
                    static fn (Column $column): Column => ColumnRole::Channel === $column->role ? new Column(
                        $column->head,
                        ColumnRole::Ignored,
                    ) : $column,
                    $columns,
                );
        }

        return array_map(
            static fn (Column $column): Column => ColumnRole::Mode === $column->role ? new Column(
                $column->head,
                ColumnRole::Ignored,
            ) : $column,
            $columns,
        );
    }

    /** "5CH 9CH Function Values" with single blanks: the modes at least can be told. */
    private static function loose(Row $row): ?self
    {
        $text = $row->text();
        $heads = Splitting::of(
            '/\s+/',
            preg_replace(['/(\d)\s*-?\s*(ch|channels?)\b/i', '/\bdmx\s+(?=\w)/i'], ['$1$2', ''], $text) ?? $text,
        );
        $columns = [];
        foreach ($heads as $index => $head) {
            $role = ColumnRole::ofHeading($head);
            $role = ColumnRole::Other === $role && null !== ModeHeading::countIn($head) ? ColumnRole::Mode : $role;
            if (ColumnRole::Other === $role) {
                return null;
            }
            $columns[] = new Column(new Cell($head, $index, $index), $role);
        }
        $roles = array_map(static fn (Column $column): ColumnRole => $column->role, $columns);
        $modes = \count(array_filter($roles, static fn (ColumnRole $role): bool => ColumnRole::Mode === $role));
        $words = \count(array_filter($roles, static fn (ColumnRole $role): bool => ColumnRole::Mode !== $role));

        return \count($columns) >= 2 && $words >= 1 && (1 !== $modes || $words > 1) ? new self([$columns], Separator::Blanks, true) : null;
    }
}
