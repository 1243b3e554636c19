<?php

declare(strict_types=1);

namespace Rigger\App\Library;

/** Rows to text with commas, quoted where needed; lines end as RFC 4180 has it. */
final class Csv
{
    /** @param list<list<string>> $rows */
    public static function of(array $rows): string
    {
        $stream = fopen('php://temp', 'r+');
        if (false === $stream) {
            throw new \RuntimeException('No memory for the list.');
        }
        foreach ($rows as $row) {
            fputcsv($stream, $row, ',', '"', '', "\r\n");
        }
        rewind($stream);
        $text = (string) stream_get_contents($stream);
        fclose($stream);

        return $text;
    }
}
