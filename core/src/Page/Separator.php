<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** What stands between the cells of a line. */
enum Separator
{
    case Tab;
    case Pipe;
    case Semicolon;
    case Comma;
    /** Two blanks or more, so that columns are where they stand and not how many came before. */
    case Blanks;

    public static function of(string $line): self
    {
        return match (true) {
            str_contains($line, "\t") => self::Tab,
            str_contains($line, '|') => self::Pipe,
            substr_count($line, ';') >= 1 && 1 !== preg_match('/;\s*$/', $line) || substr_count($line, ';') >= 2 => self::Semicolon,
            self::isQuotedList($line) || self::isHeaderList($line) => self::Comma,
            default => self::Blanks,
        };
    }

    /** @return list<Cell> */
    public function cut(string $line): array
    {
        return match ($this) {
            self::Tab => self::split($line, "\t"),
            self::Pipe => self::split(preg_replace('/\|\s*$/', '', $line) ?? $line, '|'),
            self::Semicolon => self::split($line, ';'),
            self::Comma => self::quoted($line),
            self::Blanks => self::blanks($line),
        };
    }

    /** Where columns are counted rather than measured. */
    public function isCounted(): bool
    {
        return self::Blanks !== $this;
    }

    /** @return list<Cell> */
    public static function quoted(string $line): array
    {
        $cells = [];
        $start = 0;
        foreach (str_getcsv($line, ',', '"', '') as $index => $text) {
            $cells[] = new Cell(trim((string) $text), $index, $start);
            $start += mb_strlen((string) $text) + 1;
        }

        return $cells;
    }

    /**
     * @param non-empty-string $mark
     *
     * @return list<Cell>
     */
    private static function split(string $line, string $mark): array
    {
        $cells = [];
        $start = 0;
        foreach (explode($mark, $line) as $index => $text) {
            $cells[] = new Cell(trim($text, " \t\""), $index, $start + mb_strlen($text) - mb_strlen(ltrim($text)));
            $start += mb_strlen($text) + 1;
        }

        return $cells;
    }

    /** @return list<Cell> */
    private static function blanks(string $line): array
    {
        $cells = [];
        preg_match_all('/\S+(?: \S+)*/', $line, $found, \PREG_OFFSET_CAPTURE);
        foreach ($found[0] as $index => [$text, $byte]) {
            $cells[] = new Cell($text, $index, mb_strlen(substr($line, 0, $byte)));
        }

        return $cells;
    }

    private static function isQuotedList(string $line): bool
    {
        return 1 === preg_match(
            '/^\s*(?:"[^"]*"|[^",]*)(?:,(?:"[^"]*"|[^",]*)){2,}\s*$/',
            $line,
        ) && (str_contains($line, '","') || 1 === preg_match('/^\s*(?:ch(?:annel)?\s*)?\d*,[^,]*,/i', $line));
    }

    private static function isHeaderList(string $line): bool
    {
        $words = array_map('trim', explode(',', $line));

        return \count($words) >= 3 && \count(array_filter(
            $words,
            static fn (string $word): bool => ColumnRole::Other !== ColumnRole::ofHeading($word),
        )) >= 2;
    }
}
