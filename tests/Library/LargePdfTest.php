<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Library;

use Rigger\App\Tests\Support\ApiTestCase;

/** A small file can unpack to very much: what unpacks it has limits of its own, and what is read has too. */
final class LargePdfTest extends ApiTestCase
{
    private const UNPACKED = 24_000_000;

    public function testItIsReadInAPlaceOfItsOwnAndFillsNoMemory(): void
    {
        $pdf = self::pdf();
        self::assertLessThan(500_000, \strlen($pdf));
        $before = memory_get_peak_usage(true);
        $text = $this->upload('/api/charts/text', ['bomb.pdf' => $pdf], 'file')['text'];
        self::assertIsString($text);
        self::assertStringStartsWith('CH1 dimmer 0-255', $text);
        self::assertLessThan(16 * 1024 * 1024, memory_get_peak_usage(true) - $before);
    }

    /** One page that says the same line again and again. */
    private static function pdf(): string
    {
        $line = "(CH1 dimmer 0-255) Tj T*\n";
        $packed = (string) gzcompress("BT /F1 8 Tf 12 TL 10 800 Td\n".str_repeat($line, intdiv(self::UNPACKED, \strlen($line))).'ET', 9);
        $objects = [
            '<< /Type /Catalog /Pages 2 0 R >>',
            '<< /Type /Pages /Kids [3 0 R] /Count 1 >>',
            '<< /Type /Page /Parent 2 0 R /MediaBox [0 0 600 850] /Contents 4 0 R /Resources << /Font << /F1 5 0 R >> >> >>',
            '<< /Length '.\strlen($packed)." /Filter /FlateDecode >>\nstream\n".$packed."\nendstream",
            '<< /Type /Font /Subtype /Type1 /BaseFont /Helvetica >>',
        ];
        $pdf = "%PDF-1.4\n";
        $places = '';
        foreach ($objects as $number => $object) {
            $places .= \sprintf("%010d 00000 n \n", \strlen($pdf));
            $pdf .= ($number + 1)." 0 obj\n".$object."\nendobj\n";
        }

        return $pdf."xref\n0 6\n0000000000 65535 f \n".$places."trailer << /Size 6 /Root 1 0 R >>\nstartxref\n".\strlen($pdf)."\n%%EOF";
    }
}
