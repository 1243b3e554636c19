<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Draw;

/** Pages as a PDF. */
final class PdfPages
{
    /**
     * @param non-empty-list<Page> $pages
     *
     * @return string the PDF
     */
    public static function of(array $pages, string $title): string
    {
        $pdf = new Pdf('P', 'mm', 'A4');
        $pdf->setTitle($title);
        $pdf->setCreator('Rigger');
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->setMargins(0, 0, 0);
        $pdf->setAutoPageBreak(false);
        $pdf->setCellPaddings(0, 0, 0, 0);
        // True size is the point of labels and tape: no viewer may fit the page to the paper by itself.
        $pdf->setViewerPreferences(['PrintScaling' => 'None']);
        foreach ($pages as $page) {
            $pdf->AddPage($page->width > $page->height ? 'L' : 'P', [$page->width, $page->height]);
            foreach ($page->marks() as $mark) {
                match (true) {
                    $mark instanceof Stroke => $pdf->Line(
                        $mark->fromX,
                        $mark->fromY,
                        $mark->toX,
                        $mark->toY,
                        ['width' => $mark->width, 'dash' => $mark->isDashed ? '1,1' : 0, 'color' => [0]],
                    ),
                    $mark instanceof Box => self::box($pdf, $mark),
                    $mark instanceof Area => $pdf->Polygon(array_merge(...$mark->corners), 'F', [], [$mark->grey]),
                    $mark instanceof Words => self::words($pdf, $mark),
                };
            }
        }

        return $pdf->Output('', 'S');
    }

    private static function box(Pdf $pdf, Box $box): void
    {
        $pdf->setLineStyle(['width' => max(0.01, $box->edge), 'dash' => 0, 'color' => [0]]);
        $style = (null === $box->grey ? '' : 'F').($box->edge > 0 ? 'D' : '');
        if ('' !== $style) {
            $pdf->Rect($box->x, $box->y, $box->width, $box->height, $style, [], [$box->grey ?? 255]);
        }
    }

    private static function words(Pdf $pdf, Words $words): void
    {
        $pdf->setFont(Type::FONT, $words->isBold ? 'B' : '', $words->size);
        $pdf->setFontStretching($words->stretch);
        $left = match ($words->align) {
            Align::Left => $words->x,
            Align::Middle => $words->x - $words->width / 2,
            Align::Right => $words->x - $words->width,
        };
        $pdf->setXY($left, $words->y);
        // 'L': the letters stand on this height.
        $pdf->Cell($words->width, 0, $words->text, 0, 0, 'L', false, '', 0, true, 'L', 'T');
        $pdf->setFontStretching(100);
    }
}
