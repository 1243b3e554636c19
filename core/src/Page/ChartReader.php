<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Splitting;

/**
 * `chart.read`: a channel chart as it comes off a page, to modes of channels with their ranges.
 *
 * Goes down the page line by line: heads of tables and of modes set the scene, lines with a channel's number begin a
 * channel, and values or words by themselves go to the channel that is open. Nothing is invented: what the page leaves out
 * stays a gap, and every line that was not understood, guessed at or turned round has a remark.
 */
final class ChartReader
{
    private Remarks $remarks;
    private ChartDraft $draft;
    private ?TableHeader $header = null;
    /** @var list<array{Row, int}> rows of the tables to the right, with their group, for when the left one is read */
    private array $toTheRight = [];
    /** Where the right one of two headless tables begins: a column's number, or letters from the left. */
    private ?int $rightFrom = null;
    /** @var list<ModeHeading> heads of modes on one line, for the tables that stand side by side below it */
    private array $beside = [];
    private bool $hasMarks;

    private function __construct()
    {
        $this->remarks = new Remarks();
        $this->draft = new ChartDraft($this->remarks);
    }

    /** @throws InputError out_of_range for a text of more than 2,000 lines */
    public static function read(string $text): ChartReading
    {
        $rows = [];
        foreach (PageText::lines($text) as $line => $words) {
            $rows[] = Row::of($line, $words);
        }

        return (new self())->readRows($rows);
    }

    /** @param list<Row> $rows */
    private function readRows(array $rows): ChartReading
    {
        $this->hasMarks = \count(array_filter(
            $rows,
            static fn (Row $row): bool => null !== ChannelMark::strong(($row->filled()[0] ?? new Cell('', 0, 0))->text),
        )) > 0;
        foreach ($rows as $index => $row) {
            if ($row->isBlank() || $row->isRule()) {
                continue;
            }
            if (!$this->isHeader($row, \array_slice($rows, $index + 1, 20)) && !$this->isHeading($row)) {
                $this->row($row);
            }
        }
        $this->readRight();
        $this->draft->close();
        $maker = new ModeMaker($this->remarks);
        $modes = [];
        foreach ($this->draft->modes() as $mode) {
            $channels = $maker->channels($mode);
            $modes[] = new ReadMode($mode->heading->name, $mode->heading->count ?? \count($channels), $channels);
        }

        return new ChartReading(
            $modes,
            ModeMaker::emitters(array_map(static fn (ReadMode $mode): array => $mode->channels, $modes)),
            $this->remarks->sorted(),
        );
    }

    /** @param list<Row> $following */
    private function isHeader(Row $row, array $following): bool
    {
        $header = TableHeader::detect($row, $following);
        // "No function" below values is what they do, and no head of a table.
        if (null === $header || $header->isLoose && [] === $header->modes() && $this->draft->wantsWords()) {
            return null === $header && $this->isHeaderWord($row);
        }
        $this->readRight();
        $this->rightFrom = null;
        $this->header = $header;
        if (\count($header->groups) !== \count($this->beside)) {
            $this->forgetBeside($row->line);
        } elseif ([] !== $this->beside) {
            $this->draft->enter($this->beside[0], $row->line);

            return true;
        }
        if ([] !== $header->modes()) {
            $this->draft->enterColumns($header->modes(), $row->line);
        } else {
            $this->draft->leaveColumns();
        }

        return true;
    }

    /** "Channel", "Value": the head of a table of which each cell stands on a line of its own. */
    private function isHeaderWord(Row $row): bool
    {
        return 1 === \count($row->filled()) && \in_array(
            ColumnRole::ofHeading($row->text()),
            [ColumnRole::Channel, ColumnRole::Values, ColumnRole::Hex, ColumnRole::Percent, ColumnRole::Text, ColumnRole::Label],
            true,
        )
            && !$this->draft->wantsWords() && 1 !== preg_match('/\d/', $row->text());
    }

    private function isHeading(Row $row): bool
    {
        $filled = $row->filled();
        $each = array_map(static fn (Cell $cell): ?ModeHeading => ModeHeading::of($cell->text), $filled);
        if (\count($each) > 1 && [] === array_filter($each, static fn (?ModeHeading $heading): bool => null === $heading)) {
            $this->readRight();
            $this->beside = array_values(array_filter($each));

            return true;
        }
        if (\count($filled) > 2 || [] !== BoundScanner::scan($row->text()) || null !== ChannelMark::strong($row->text())) {
            return false;
        }
        $heading = ModeHeading::of($row->text());
        if (null === $heading
            || (null === $heading->count && $this->draft->wantsWords())
            || (null === $heading->count && null !== $this->header && $this->header->has(ColumnRole::Mode))
        ) {
            return false;
        }
        $this->readRight();
        $this->rightFrom = null;
        $this->draft->enter($heading, $row->line);

        return true;
    }

    private function readRight(): void
    {
        $rows = $this->toTheRight;
        $this->toTheRight = [];
        usort($rows, static fn (array $one, array $other): int => $one[1] <=> $other[1]);
        $last = 0;
        foreach ($rows as [$row, $group]) {
            if ($group !== $last && isset($this->beside[$group])) {
                $this->draft->enter($this->beside[$group], $row->line);
            }
            $last = $group;
            null !== $this->header && !$this->header->isLoose
                ? $this->tableRow($row, $this->header->place($row)[$group] ?? [])
                : $this->freeRow($row);
        }
    }

    private function forgetBeside(int $line): void
    {
        foreach ($this->beside as $heading) {
            $this->remarks->notUnderstood($line, $heading->name);
        }
        $this->beside = [];
    }

    private function row(Row $row): void
    {
        if (null === $this->header || $this->header->isLoose) {
            $this->beside($row);

            return;
        }
        if ($this->header->isRunOver($row) && [] === BoundScanner::scan($row->text()) && null === ChannelMark::strong($row->text())) {
            $this->remarks->notUnderstood($row->line, $row->text());

            return;
        }
        $groups = $this->header->place($row);
        foreach ($groups as $group => $placed) {
            if ($group > 0 && [] !== $placed) {
                $this->toTheRight[] = [$row, $group];
            }
        }
        if ([] !== $groups[0]) {
            $this->tableRow($row, $groups[0]);
        }
    }

    /** Without a header, a second channel's mark on the line tells that two tables stand side by side. */
    private function beside(Row $row): void
    {
        $cells = $row->filled();
        if (1 === \count($cells) && preg_match_all(
            '/(?<![\w])ch(?:annel)?\.?\s*\d{1,3}\b/i',
            $cells[0]->text,
        ) > 1 && null !== ChannelMark::strong($cells[0]->text) && [] === self::joinedMarks($cells[0]->text)) {
            foreach (Splitting::of('/\s+(?=ch(?:annel)?\.?\s*\d{1,3}\b)/i', $cells[0]->text) as $part) {
                $this->freeRow($row->withCells([new Cell($part, 0, 0)]));
            }

            return;
        }
        $place = static fn (Cell $cell): int => $row->separator->isCounted() ? $cell->index : $cell->start;
        foreach (\array_slice($cells, 1) as $cell) {
            if (null !== ChannelMark::strong($cell->text) && null !== ChannelMark::strong($cells[0]->text)) {
                $this->rightFrom = $place($cell);
                break;
            }
        }
        $from = $this->rightFrom;
        $left = array_values(array_filter($cells, static fn (Cell $cell): bool => null === $from || $place($cell) < $from));
        $right = array_values(array_filter($cells, static fn (Cell $cell): bool => null !== $from && $place($cell) >= $from));
        if ([] !== $right) {
            $this->toTheRight[] = [$row->withCells($right), 0];
        }
        if ([] !== $left) {
            $this->freeRow($row->withCells($left));
        }
    }

    /** @return list<string> "CH 2 / CH 3": marks that belong to one entry */
    private static function joinedMarks(string $text): array
    {
        preg_match_all('/ch(?:annel)?\.?\s*\d{1,3}\s*[\/+&,-]\s*ch(?:annel)?\.?\s*\d/i', $text, $found);

        return $found[0];
    }

    /** @param list<array{Column, Cell}> $placed */
    private function tableRow(Row $row, array $placed): void
    {
        $marks = [];
        $rest = [];
        $hasDash = false;
        $modes = array_values(array_filter(
            $this->header->groups[0] ?? [],
            static fn (Column $column): bool => ColumnRole::Mode === $column->role,
        ));
        foreach ($placed as [$column, $cell]) {
            $isNumbered = ColumnRole::Channel === $column->role || ColumnRole::Mode === $column->role;
            $mark = $isNumbered ? ChannelMark::cell($cell->text) : null;
            if (null !== $mark) {
                $marks[ColumnRole::Mode === $column->role ? (int) array_search($column, $modes, true) : 0] = $mark->numbers;
                $rest = '' === $mark->rest ? $rest : [...$rest, [$column, new Cell($mark->rest, $cell->index, $cell->start)]];
            } elseif ($isNumbered && $cell->isDash()) {
                $hasDash = true;
            } elseif (ColumnRole::ModeName === $column->role
                || ($isNumbered && [] === BoundScanner::scan($cell->text) && null !== ModeHeading::of($cell->text))) {
                $this->draft->enter(ModeHeading::ofColumn($cell->text), $row->line);
            } else {
                $rest[] = [$column, $cell];
            }
        }
        if ($hasDash && [] === $marks) {
            $this->draft->skip();

            return;
        }
        $hasNumbers = null !== $this->header && ($this->header->has(ColumnRole::Channel) || $this->header->has(ColumnRole::Mode));
        if ([] === $marks && !$hasNumbers && [] !== $rest) {
            $this->freeRow($row);

            return;
        }
        if ([] === $marks && [] !== $rest && null !== ($strong = ChannelMark::strong($rest[0][1]->text))) {
            $marks[0] = $strong->numbers;
            $rest[0][1] = new Cell($strong->rest, $rest[0][1]->index, $rest[0][1]->start);
            $rest = array_values(array_filter($rest, static fn (array $row): bool => '' !== $row[1]->text));
        }
        $continues = [] !== $marks && $this->draft->isOpen($marks);
        $pieces = RowPieces::ofTable($rest, ([] === $marks || $continues) && $this->draft->hasPlainValues());
        $this->draft->take($marks, $pieces, $row->line);
    }

    private function freeRow(Row $row): void
    {
        $cells = $row->filled();
        if ([] === $cells) {
            return;
        }
        [$marks, $first] = $this->marks($cells);
        $rest = null === $first
            ? $cells
            : array_values(array_filter(
                [new Cell($first, $cells[0]->index, $cells[0]->start), ...\array_slice($cells, 1)],
                static fn (Cell $cell): bool => '' !== $cell->text,
            ));
        if (null !== $this->header && $this->header->isLoose && [] !== $this->header->modes()) {
            [$marks, $rest, $isSkipped] = $this->looseMarks($row);
            if ($isSkipped) {
                $this->draft->skip();

                return;
            }
        }
        $continues = [] === $marks || $this->draft->isOpen($marks);
        $this->draft->take($marks, RowPieces::ofCells($rest, $continues && $this->draft->hasPlainValues()), $row->line);
    }

    /**
     * @param non-empty-list<Cell> $cells
     *
     * @return array{array<int, non-empty-list<int>>, string|null} numbers by mode, and what is left of the first cell
     */
    private function marks(array $cells): array
    {
        $text = $cells[0]->text;
        $strong = ChannelMark::strong($text);
        if (null !== $strong) {
            return [[$strong->numbers], $strong->rest];
        }
        if ($this->hasMarks) {
            return [[], null];
        }
        $number = $cells[0]->number();
        $weak = null === $number ? ChannelMark::weak($text) : null;
        if (null !== $number && $this->draft->expects(
            $number,
            implode(' ', array_map(static fn (Cell $cell): string => $cell->text, \array_slice($cells, 1))),
        )) {
            return [[[$number]], ''];
        }
        if (null !== $weak && 1 === \count($weak->numbers) && $this->draft->expects(
            $weak->numbers[0],
            $weak->rest.' '.implode(' ', array_map(static fn (Cell $cell): string => $cell->text, \array_slice($cells, 1))),
        )) {
            return [[$weak->numbers], $weak->rest];
        }

        return [[], null];
    }

    /** @return array{array<int, non-empty-list<int>>, list<Cell>, bool} */
    private function looseMarks(Row $row): array
    {
        $words = Splitting::of('/\s+/', $row->text());
        $marks = [];
        $count = \count($this->header?->modes() ?? []);
        foreach (\array_slice($words, 0, $count) as $index => $word) {
            $cell = new Cell($word, $index, 0);
            $number = $cell->number();
            if (null !== $number && $number >= 1 && $number <= 512) {
                $marks[$index] = [$number];
            } elseif (!$cell->isDash()) {
                return [[], [new Cell($row->text(), 0, 0)], false];
            }
        }
        // All of them must be numbers of channels: values never stand in so neat a row.
        if (\count($words) <= $count) {
            return [[], [new Cell($row->text(), 0, 0)], false];
        }

        return [$marks, [new Cell(implode(' ', \array_slice($words, $count)), 0, 0)], [] === $marks];
    }
}
