<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Draw;

/** How wide words come out, from the typeface's own figures; so a page is laid out once for the printer and the screen. */
final class Type
{
    /** Covers Latin, Greek, Cyrillic, Arabic and Hebrew, and ships with the PDF library. */
    public const FONT = 'dejavusanscondensed';
    /** Millimetres of a point. */
    public const POINT = 25.4 / 72;

    private readonly Pdf $pdf;

    public function __construct()
    {
        $this->pdf = new Pdf('P', 'mm', 'A4');
    }

    /** @return float millimetres */
    public function width(string $text, float $size, bool $isBold = false, int $stretch = 100): float
    {
        return $this->pdf->GetStringWidth($text, self::FONT, $isBold ? 'B' : '', $size) * $stretch / 100;
    }

    public function words(
        float $x,
        float $y,
        string $text,
        float $size,
        bool $isBold = false,
        Align $align = Align::Left,
        int $stretch = 100,
    ): Words {
        return new Words($x, $y, $text, $size, $isBold, $align, $this->width($text, $size, $isBold, $stretch), $stretch);
    }

    /** The same, with letters made narrower and then smaller until it takes no more than a width; then it is cut, with an ellipsis. */
    public function fitted(
        float $x,
        float $y,
        string $text,
        float $size,
        float $width,
        bool $isBold = false,
        Align $align = Align::Left,
        float $least = 5.0,
    ): Words {
        $full = $this->width($text, $size, $isBold);
        $stretch = $full <= $width ? 100 : max(65, (int) floor(100 * $width / $full));
        while ($size > $least && $this->width($text, $size, $isBold, $stretch) > $width) {
            $size -= 0.5;
        }
        while (mb_strlen($text) > 1 && $this->width($text, $size, $isBold, $stretch) > $width) {
            $text = rtrim(mb_substr($text, 0, '…' === mb_substr($text, -1) ? -2 : -1)).'…';
        }

        return $this->words($x, $y, $text, $size, $isBold, $align, $stretch);
    }

    /**
     * Lines that are no wider than they may be; a word that is too long is broken.
     *
     * @return list<string>
     */
    public function wrap(string $text, float $size, float $width, bool $isBold = false): array
    {
        $lines = [];
        $line = '';
        foreach (explode(' ', trim(preg_replace('/\s+/u', ' ', $text) ?? $text)) as $word) {
            $longer = '' === $line ? $word : $line.' '.$word;
            if ($this->width($longer, $size, $isBold) <= $width) {
                $line = $longer;
                continue;
            }
            if ('' !== $line) {
                $lines[] = $line;
            }
            while ($this->width($word, $size, $isBold) > $width && mb_strlen($word) > 1) {
                $cut = mb_strlen($word);
                while ($cut > 1 && $this->width(mb_substr($word, 0, $cut), $size, $isBold) > $width) {
                    --$cut;
                }
                $lines[] = mb_substr($word, 0, $cut);
                $word = mb_substr($word, $cut);
            }
            $line = $word;
        }
        if ('' !== $line) {
            $lines[] = $line;
        }

        return $lines;
    }
}
