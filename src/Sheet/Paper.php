<?php

declare(strict_types=1);

namespace Rigger\App\Sheet;

/** A4 sheets with a head on each page, sections, tables and lines. Measures are millimetres. */
final class Paper
{
    private const MARGIN = 12;
    private const LINE = 4.6;
    /** Covers Latin, Greek, Cyrillic, Arabic and Hebrew, and ships with the PDF library. */
    private const FONT = 'dejavusanscondensed';

    private readonly Pdf $pdf;

    public function __construct(private readonly string $title, private readonly string $subtitle)
    {
        $this->pdf = new Pdf('P', 'mm', 'A4');
        $this->pdf->setTitle($title);
        $this->pdf->setCreator('Rigger');
        $this->pdf->setPrintHeader(false);
        $this->pdf->setPrintFooter(false);
        $this->pdf->setMargins(self::MARGIN, self::MARGIN, self::MARGIN);
        $this->pdf->setAutoPageBreak(false);
        $this->page();
    }

    public function section(string $name): void
    {
        $this->room(24);
        $this->pdf->Ln(3);
        $this->write($name, 13, 'B');
        $this->pdf->Line(self::MARGIN, $this->pdf->GetY() + 0.6, 210 - self::MARGIN, $this->pdf->GetY() + 0.6);
        $this->pdf->Ln(2);
    }

    public function heading(string $text): void
    {
        $this->room(14);
        $this->pdf->Ln(1.2);
        $this->write($text, 10, 'B');
    }

    public function line(string $text): void
    {
        $this->pdf->setFont(self::FONT, '', 9);
        $this->room($this->pdf->getStringHeight(210 - 2 * self::MARGIN, $text));
        $this->write($text, 9, '');
    }

    /**
     * @param list<int>          $widths
     * @param list<string>       $heads
     * @param list<list<string>> $rows
     */
    public function table(array $widths, array $heads, array $rows): void
    {
        $this->row($widths, $heads, 'B');
        foreach ($rows as $row) {
            $this->row($widths, $row, '', $heads);
        }
        $this->pdf->Ln(2);
    }

    public function pdf(): string
    {
        $pages = $this->pdf->getNumPages();
        for ($page = 1; $page <= $pages; ++$page) {
            $this->pdf->setPage($page);
            $this->pdf->setFont(self::FONT, '', 8);
            $this->pdf->setXY(self::MARGIN, 297 - self::MARGIN);
            $this->pdf->Cell(0, 4, \sprintf('%s · page %d of %d', $this->title, $page, $pages), 0, 0, 'R');
        }

        return $this->pdf->Output('', 'S');
    }

    /**
     * @param list<int>         $widths
     * @param list<string>      $cells
     * @param list<string>|null $heads  repeated when the row begins a new page
     */
    private function row(array $widths, array $cells, string $style, ?array $heads = null): void
    {
        $this->pdf->setFont(self::FONT, $style, 8.5);
        $height = self::LINE;
        foreach ($cells as $index => $cell) {
            $height = max($height, $this->pdf->getStringHeight($widths[$index], $cell));
        }
        if ($this->room($height) && null !== $heads) {
            $this->row($widths, $heads, 'B');
            $this->pdf->setFont(self::FONT, $style, 8.5);
        }
        $top = $this->pdf->GetY();
        $left = self::MARGIN;
        foreach ($cells as $index => $cell) {
            $this->pdf->MultiCell($widths[$index], $height, $cell, 'B', 'L', false, 0, $left, $top);
            $left += $widths[$index];
        }
        $this->pdf->setXY(self::MARGIN, $top + $height);
    }

    /** @return bool whether a new page had to be begun */
    private function room(float $height): bool
    {
        if ($this->pdf->GetY() + $height <= 297 - self::MARGIN - 6) {
            return false;
        }
        $this->page();

        return true;
    }

    private function page(): void
    {
        $this->pdf->AddPage();
        $this->write($this->title, 15, 'B');
        $this->write($this->subtitle, 9, '');
    }

    private function write(string $text, float $size, string $style): void
    {
        $this->pdf->setFont(self::FONT, $style, $size);
        $this->pdf->MultiCell(210 - 2 * self::MARGIN, 0, $text, 0, 'L');
    }
}
