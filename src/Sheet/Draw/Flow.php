<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Draw;

/** Pages that fill from the top, each with a head and its number at the foot. Measures are millimetres. */
final class Flow
{
    public const MARGIN = 12.0;

    /** @var list<Page> */
    private array $pages = [];
    private float $y = 0.0;
    public readonly float $width;
    private readonly float $pageWidth;
    private readonly float $pageHeight;

    public function __construct(
        private readonly Type $type,
        PaperSize $paper,
        private readonly string $title,
        private readonly string $subtitle,
        bool $isWide = false,
        private readonly float $margin = self::MARGIN,
    ) {
        [$this->pageWidth, $this->pageHeight] = $isWide ? [$paper->height(), $paper->width()] : [$paper->width(), $paper->height()];
        $this->width = $this->pageWidth - 2 * $this->margin;
        $this->turn();
    }

    public function page(): Page
    {
        return $this->pages[\count($this->pages) - 1];
    }

    /** Where the next thing begins. */
    public function top(): float
    {
        return $this->y;
    }

    public function left(): float
    {
        return $this->pageHeight - $this->margin - 5 - $this->y;
    }

    /** What a page has room for below its head. */
    public function height(): float
    {
        return $this->pageHeight - 2 * $this->margin - 14;
    }

    public function down(float $by): void
    {
        $this->y += $by;
    }

    /** @return bool whether a new page had to be begun */
    public function room(float $height): bool
    {
        if ($height <= $this->left()) {
            return false;
        }
        $this->turn();

        return true;
    }

    public function turn(): void
    {
        $this->pages[] = new Page($this->pageWidth, $this->pageHeight);
        $this->y = $this->margin + 5;
        $this->page()->add(
            $this->type->fitted($this->margin, $this->y, $this->title, 14, $this->width * 0.6, true),
            $this->type->fitted($this->margin + $this->width, $this->y, $this->subtitle, 9, $this->width * 0.38, false, Align::Right),
        );
        $this->y += 4;
    }

    /** Begins a part of the document, its name over a line, on a page of its own: one can be taken along without the others. */
    public function section(string $name): void
    {
        if ($this->y > $this->margin + 10) {
            $this->turn();
        }
        $this->y += 9;
        $this->page()->add(
            $this->type->words($this->margin, $this->y, $name, 13, true),
            new Stroke($this->margin, $this->y + 1.6, $this->margin + $this->width, $this->y + 1.6, 0.2),
        );
        $this->y += 3.6;
    }

    public function heading(string $text): void
    {
        $this->room(14);
        $this->y += 5.4;
        $this->page()->add($this->type->words($this->margin, $this->y, $text, 10, true));
        $this->y += 0.6;
    }

    public function paragraph(string $text, float $size = 9): void
    {
        foreach ($this->type->wrap($text, $size, $this->width) as $line) {
            $this->room(5);
            $this->y += $size * Type::POINT * 1.3;
            $this->page()->add($this->type->words($this->margin, $this->y, $line, $size));
        }
    }

    /**
     * Steps with boxes to tick, under a heading, all on one page where a page has room for them.
     *
     * @param list<string> $steps
     * @param list<string> $notes said below
     */
    public function recipe(string $heading, array $steps, array $notes): void
    {
        $line = 9 * Type::POINT * 1.3;
        $wrapped = array_map(fn (string $step): array => $this->type->wrap($step, 9, $this->width - 7), $steps);
        $said = array_merge(...array_map(fn (string $note): array => $this->type->wrap($note, 9, $this->width), $notes));
        $height = 7 + (array_sum(array_map(count(...), $wrapped)) + \count($said)) * $line + \count($steps) * 0.8;
        if ($height < $this->pageHeight - 2 * $this->margin - 20) {
            $this->room($height);
        }
        $this->heading($heading);
        foreach ($wrapped as $lines) {
            $this->room(\count($lines) * $line + 1);
            $this->page()->add(new Box($this->margin, $this->y + 1.2, 3, 3, null, 0.25));
            $this->lines($lines, 9, $line, 6);
            $this->y += 0.8;
        }
        foreach ($said as $words) {
            $this->room(5);
            $this->y += $line;
            $this->page()->add($this->type->words($this->margin, $this->y, $words, 9));
        }
    }

    /**
     * Lines that stay together; ask for the room first.
     *
     * @param list<string> $lines
     * @param float        $step  millimetres from one to the next
     * @param float        $left  millimetres from the left margin
     */
    public function lines(array $lines, float $size, float $step, float $left): void
    {
        foreach ($lines as $line) {
            $this->page()->add($this->type->words($this->margin + $left, $this->y + $step * 0.82, $line, $size));
            $this->y += $step;
        }
    }

    /**
     * @param list<float>        $widths shares of the width
     * @param list<string>       $heads  repeated on each page
     * @param list<list<string>> $rows   the first cell stands in bold
     */
    public function table(array $widths, array $heads, array $rows): void
    {
        $unit = $this->width / array_sum($widths);
        $widths = array_map(static fn (float $width): float => $width * $unit, $widths);
        $head = $this->wrapped($widths, $heads, true);
        $this->row($widths, $head, true);
        foreach ($rows as $row) {
            $cells = $this->wrapped($widths, $row, false);
            if ($this->room(max(1, ...array_map(count(...), $cells)) * 4.2 + 1.6)) {
                $this->row($widths, $head, true);
            }
            $this->row($widths, $cells, false);
        }
    }

    /** @return non-empty-list<Page> */
    public function pages(): array
    {
        $count = \count($this->pages);
        foreach ($this->pages as $index => $page) {
            $page->add($this->type->words(
                $page->width - $this->margin,
                $page->height - $this->margin + 3,
                \sprintf('%s · page %d of %d', $this->title, $index + 1, $count),
                8,
                false,
                Align::Right,
            ));
        }
        \assert([] !== $this->pages);

        return $this->pages;
    }

    /**
     * @param list<float>  $widths
     * @param list<string> $cells
     *
     * @return list<list<string>> the lines of each cell
     */
    private function wrapped(array $widths, array $cells, bool $isHead): array
    {
        return array_map(
            fn (int $index, string $cell): array => $this->type->wrap($cell, 9, $widths[$index] - 2, $isHead || 0 === $index),
            array_keys($cells),
            $cells,
        );
    }

    /**
     * @param list<float>        $widths
     * @param list<list<string>> $cells  the lines of each
     */
    private function row(array $widths, array $cells, bool $isHead): void
    {
        $x = $this->margin;
        foreach ($cells as $index => $lines) {
            foreach ($lines as $line => $words) {
                $this->page()->add($this->type->words($x, $this->y + 4 + $line * 4.2, $words, 9, $isHead || 0 === $index));
            }
            $x += $widths[$index];
        }
        $this->y += max(1, ...array_map(count(...), $cells)) * 4.2 + 1.4;
        $this->page()->add(new Stroke($this->margin, $this->y, $this->margin + $this->width, $this->y, $isHead ? 0.4 : 0.1));
    }
}
