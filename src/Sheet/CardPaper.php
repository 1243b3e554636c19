<?php

declare(strict_types=1);

namespace Rigger\App\Sheet;

/** Small sheets with ladders. Measures are millimetres. */
final class CardPaper
{
    private const MARGIN = 8.0;
    private const FONT = 'dejavusanscondensed';
    private const LADDER = 4.4;
    private const VALUES = 256;

    private readonly Pdf $pdf;
    private readonly float $width;

    public function __construct(private readonly PaperSize $size, private readonly string $title, private readonly string $subtitle)
    {
        $this->pdf = new Pdf('P', 'mm', strtoupper($size->value));
        $this->pdf->setTitle($title);
        $this->pdf->setCreator('Rigger');
        $this->pdf->setPrintHeader(false);
        $this->pdf->setPrintFooter(false);
        $this->pdf->setMargins(self::MARGIN, self::MARGIN, self::MARGIN);
        $this->pdf->setAutoPageBreak(false);
        $this->pdf->setCellPaddings(0, 0, 0, 0);
        $this->width = $size->width() - 2 * self::MARGIN;
        $this->page();
    }

    public function heading(string $text): void
    {
        $this->room(16);
        $this->pdf->Ln(1.6);
        $this->write($text, 9.5, 'B');
        $this->pdf->Line(self::MARGIN, $this->pdf->GetY() + 0.3, self::MARGIN + $this->width, $this->pdf->GetY() + 0.3);
        $this->pdf->Ln(1.1);
    }

    public function line(string $text): void
    {
        $this->pdf->setFont(self::FONT, '', 7.5);
        $this->room($this->pdf->getStringHeight($this->width, $text));
        $this->write($text, 7.5, '');
    }

    /** @param list<array{string, string}> $pairs what it is about, and the words */
    public function pairs(array $pairs): void
    {
        foreach ($pairs as [$about, $words]) {
            $this->pdf->setFont(self::FONT, '', 7.5);
            $height = max(3.4, $this->pdf->getStringHeight($this->width - 30, $words));
            $this->room($height);
            $top = $this->pdf->GetY();
            $this->pdf->setFont(self::FONT, 'B', 7.5);
            $this->pdf->MultiCell(29, $height, $about, 0, 'L', false, 0, self::MARGIN, $top);
            $this->pdf->setFont(self::FONT, '', 7.5);
            $this->pdf->MultiCell($this->width - 30, $height, $words, 0, 'L', false, 1, self::MARGIN + 30, $top);
        }
    }

    /** @param list<CardRung> $rungs */
    public function ladder(string $title, int $rest, array $rungs): void
    {
        $words = implode('   ', array_map(static fn (CardRung $one): string => $one->span.' '.$one->label, $rungs));
        $this->pdf->setFont(self::FONT, '', 6.6);
        $wordsHeight = '' === $words ? 0.0 : $this->pdf->getStringHeight($this->width - 36, $words);
        $this->room(self::LADDER + $wordsHeight + 2.5);
        // Room for the notch that marks the resting value.
        $top = $this->pdf->GetY() + 0.9;
        $left = self::MARGIN + 36;
        $this->pdf->setFont(self::FONT, 'B', 7.5);
        $this->pdf->MultiCell(
            35,
            self::LADDER,
            $title,
            0,
            'L',
            false,
            0,
            self::MARGIN,
            $top,
            true,
            0,
            false,
            true,
            self::LADDER + $wordsHeight,
            'T',
            true,
        );
        $this->frame($left, $top, $rungs, $rest);
        $this->pdf->setFont(self::FONT, '', 6.6);
        if ('' !== $words) {
            $this->pdf->MultiCell($this->width - 36, 0, $words, 0, 'L', false, 1, $left, $top + self::LADDER + 0.3);
        }
        $this->pdf->setXY(self::MARGIN, $top + self::LADDER + $wordsHeight + 1.6);
    }

    public function pdf(): string
    {
        $pages = $this->pdf->getNumPages();
        for ($page = 1; $page <= $pages; ++$page) {
            $this->pdf->setPage($page);
            $this->pdf->setFont(self::FONT, '', 6.5);
            $this->pdf->setXY(self::MARGIN, $this->size->height() - self::MARGIN);
            $this->pdf->Cell(0, 3, \sprintf('%s · %d of %d', $this->title, $page, $pages), 0, 0, 'R');
        }

        return $this->pdf->Output('', 'S');
    }

    /** @param list<CardRung> $rungs */
    private function frame(float $left, float $top, array $rungs, int $rest): void
    {
        $unit = ($this->width - 36) / self::VALUES;
        foreach ($rungs as $rung) {
            $this->rung($left + $rung->from * $unit, $top, ($rung->to - $rung->from + 1) * $unit, $rung->pattern);
        }
        $this->pdf->Rect($left, $top, $this->width - 36, self::LADDER);
        // Where the channel rests: a small notch above the ladder.
        $at = $left + ($rest + 0.5) * $unit;
        $this->pdf->Polygon([$at - 0.8, $top - 0.9, $at + 0.8, $top - 0.9, $at, $top], 'F', [], [0]);
    }

    private function rung(float $left, float $top, float $width, CardPattern $pattern): void
    {
        $bottom = $top + self::LADDER;
        match ($pattern) {
            CardPattern::Wedge => $this->pdf->Polygon([$left, $bottom, $left + $width, $bottom, $left + $width, $top], 'F', [], [190]),
            CardPattern::Black => $this->pdf->Rect($left, $top, $width, self::LADDER, 'F', [], [0]),
            CardPattern::Bars => $this->lines($left, $width, 1.2, 0.0, $top, $bottom),
            CardPattern::Hatched => $this->lines($left, $width, 1.6, 1.6, $top, $bottom),
            CardPattern::Plain => null,
        };
        $this->pdf->Rect($left, $top, $width, self::LADDER, 'D');
    }

    private function lines(float $left, float $width, float $step, float $lean, float $top, float $bottom): void
    {
        for ($at = $left + $step / 2; $at + $lean < $left + $width; $at += $step) {
            $this->pdf->Line($at, $bottom, $at + $lean, $top, ['width' => 0.25]);
        }
        $this->pdf->setLineStyle(['width' => 0.2]);
    }

    private function room(float $height): void
    {
        if ($this->pdf->GetY() + $height > $this->size->height() - self::MARGIN - 4) {
            $this->page();
        }
    }

    private function page(): void
    {
        $this->pdf->AddPage();
        $this->pdf->setLineStyle(['width' => 0.2, 'color' => [0]]);
        $this->write($this->title, 13, 'B');
        $this->write($this->subtitle, 7.5, '');
    }

    private function write(string $text, float $size, string $style): void
    {
        $this->pdf->setFont(self::FONT, $style, $size);
        $this->pdf->MultiCell($this->width, 0, $text, 0, 'L', false, 1, self::MARGIN);
    }
}
