<?php

declare(strict_types=1);

namespace Rigger\App\Library;

/** Rows to text with commas, quoted where needed; lines end as RFC 4180 has it. And text to rows, whatever mark stands between. */
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

    /**
     * @param int $most rows that are read; one more is given where there are more
     *
     * @return list<list<string>> cells, with the separator that the first row uses
     */
    public static function rows(string $text, int $most): array
    {
        $first = strtok($text, "\r\n");
        $counts = array_map(
            static fn (string $mark): int => substr_count(false === $first ? '' : $first, $mark),
            [',' => ',', ';' => ';', "\t" => "\t"],
        );
        arsort($counts);
        $mark = array_key_first($counts);
        $stream = fopen('php://temp', 'r+');
        if (false === $stream) {
            throw new \RuntimeException('No memory for the list.');
        }
        fwrite($stream, $text);
        rewind($stream);
        $rows = [];
        while (\count($rows) <= $most && false !== $cells = fgetcsv($stream, null, $mark, '"', '')) {
            $rows[] = array_map(strval(...), $cells);
        }
        fclose($stream);

        return $rows;
    }
}
