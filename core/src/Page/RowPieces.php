<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** Cuts a row, or what is left of it after the channel's number, into values and words. */
final class RowPieces
{
    /**
     * @param list<array{Column, Cell}> $placed   under a known header
     * @param bool                      $hasPlain whether the channel already has values that are no percents
     *
     * @return list<Piece>
     */
    public static function ofTable(array $placed, bool $hasPlain): array
    {
        $values = self::fromColumns($placed);
        $pieces = [];
        $isPlaced = false;
        foreach ($placed as [$column, $cell]) {
            if (\in_array(
                $column->role,
                [ColumnRole::Values, ColumnRole::From, ColumnRole::To, ColumnRole::Hex, ColumnRole::Percent],
                true,
            ) && null !== $values) {
                if (!$isPlaced) {
                    array_push($pieces, ...$values);
                    $isPlaced = true;
                }
            } elseif (ColumnRole::Ignored !== $column->role) {
                $pieces[] = Piece::words($cell->text, $column->role);
            }
        }

        if (null !== $values) {
            return $pieces;
        }
        $read = array_values(array_filter($placed, static fn (array $row): bool => ColumnRole::Ignored !== $row[0]->role));

        return self::ofCells(
            array_map(static fn (array $row): Cell => $row[1], $read),
            $hasPlain,
            array_map(static fn (array $row): ColumnRole => $row[0]->role, $read),
        );
    }

    /**
     * @param list<Cell>            $cells
     * @param list<ColumnRole>|null $roles of the cells, where a header tells them
     *
     * @return list<Piece>
     */
    public static function ofCells(array $cells, bool $hasPlain, ?array $roles = null): array
    {
        $found = array_map(static fn (Cell $cell): array => self::boundsOf($cell, 1 === \count($cells)), $cells);
        $plain = [] !== array_filter(
            array_merge(...[[], ...$found]),
            static fn (Bound $bound): bool => Notation::Percent !== $bound->notation && !$bound->isSingle,
        );
        $pieces = [];
        for ($index = 0; $index < \count($cells); ++$index) {
            $pair = self::pair($cells, $index);
            if (null !== $pair) {
                $pieces[] = Piece::values($pair);
                ++$index;
                continue;
            }
            $bounds = array_values(array_filter(
                $found[$index],
                static fn (Bound $bound): bool => !(($plain || $hasPlain) && Notation::Percent === $bound->notation),
            ));
            array_push($pieces, ...Piece::cut($cells[$index]->text, $bounds, $roles[$index] ?? null));
        }

        return $pieces;
    }

    /** @return list<Bound> */
    private static function boundsOf(Cell $cell, bool $isAlone): array
    {
        $whole = BoundScanner::whole($cell->text);
        if (null !== $whole && !$isAlone) {
            return [new Bound($whole->from, $whole->to, $whole->notation, $whole->isTurned, 0, \strlen($cell->text), $whole->isSingle)];
        }

        return BoundScanner::scan($cell->text);
    }

    /**
     * Two cells with a number each are the first and the last value.
     *
     * @param list<Cell> $cells
     */
    private static function pair(array $cells, int $index): ?Bound
    {
        $from = $cells[$index]->number();
        $to = isset($cells[$index + 1]) ? $cells[$index + 1]->number() : null;

        return null === $from || null === $to || max($from, $to) > 256 ? null : Bound::between($from, $to, Notation::Decimal, 0, 0);
    }

    /**
     * The values that a row's own columns give, decimal before hexadecimal before percent.
     *
     * @param list<array{Column, Cell}> $placed
     *
     * @return list<Piece>|null
     */
    private static function fromColumns(array $placed): ?array
    {
        $cells = [];
        foreach ($placed as [$column, $cell]) {
            $cells[$column->role->name] = isset($cells[$column->role->name]) ? $cells[$column->role->name].' '.$cell->text : $cell->text;
        }
        $from = isset($cells['From']) ? BoundScanner::whole($cells['From']) : null;
        $to = isset($cells['To']) ? BoundScanner::whole($cells['To']) : null;
        if (null !== $from) {
            return [Piece::values(null === $to ? $from : Bound::between($from->from, $to->to, $from->notation, 0, 0))];
        }
        if (isset($cells['Values'])) {
            $whole = BoundScanner::whole($cells['Values']);
            $bounds = null !== $whole ? [$whole] : BoundScanner::scan($cells['Values']);
            $plain = array_filter($bounds, static fn (Bound $bound): bool => Notation::Percent !== $bound->notation);
            $bounds = array_values([] !== $plain ? $plain : $bounds);
            if ([] !== $bounds) {
                return null !== $whole ? [Piece::values($whole)] : Piece::cut($cells['Values'], $bounds);
            }
        }
        foreach (['Hex' => Notation::Hexadecimal, 'Percent' => Notation::Percent] as $role => $notation) {
            $whole = isset($cells[$role]) ? BoundScanner::whole($cells[$role], $notation) : null;
            if (null !== $whole) {
                return [Piece::values($whole)];
            }
        }

        return null;
    }
}
