<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Splitting;

/** Text as it comes off a page, with the many ways of writing dashes, blanks and signs made one. */
final class PageText
{
    public const MOST_LINES = 2000;
    /** A line longer than this is no line of a chart. */
    private const MOST_LETTERS = 1000;

    private const SIGNS = [
        "\u{00A0}" => ' ', "\u{2007}" => ' ', "\u{2009}" => ' ', "\u{200A}" => ' ', "\u{202F}" => ' ', "\u{3000}" => ' ', "\u{2003}" => ' ',
        "\u{2002}" => ' ',
        "\u{200B}" => '', "\u{FEFF}" => '', "\u{00AD}" => '', "\u{000C}" => '',
        '‐' => '-', '‑' => '-', '‒' => '-', '–' => '-', '—' => '-', '―' => '-', '−' => '-', '﹣' => '-', '－' => '-',
        '…' => '...', '‥' => '..', '↔' => '<->', '⇔' => '<->', '⟷' => '<->', '→' => '->', '➔' => '->', '⇒' => '->',
        '～' => '~', '〜' => '~', '∼' => '~', '≥' => '>=', '⩾' => '>=', '≧' => '>=', '≤' => '<=', '⩽' => '<=', '≦' => '<=',
        'º' => '°', '˚' => '°', '％' => '%', '│' => '|', '┃' => '|', '¦' => '|', '║' => '|', '｜' => '|', '／' => '/', '：' => ':', '；' => ';',
        '“' => '"', '”' => '"', '’' => "'", '‘' => "'",
        '０' => '0', '１' => '1', '２' => '2', '３' => '3', '４' => '4', '５' => '5', '６' => '6', '７' => '7', '８' => '8', '９' => '9',
    ];

    /**
     * @return array<int, string> by line number, from 1; a blank line stays, so that numbers are those of the page
     *
     * @throws InputError out_of_range, field "text", past 2,000 lines
     */
    public static function lines(string $text): array
    {
        $lines = Splitting::of('/\R/', rtrim(mb_scrub($text)));
        if (\count($lines) > self::MOST_LINES) {
            throw InputError::because(
                'out_of_range',
                'text',
                \sprintf(
                    'The text has %s lines; a chart of at most %s is read. Paste the pages that hold the chart.',
                    number_format(\count($lines)),
                    number_format(self::MOST_LINES),
                ),
            );
        }
        $numbered = [];
        foreach ($lines as $index => $line) {
            $numbered[$index + 1] = self::plain($line);
        }

        return self::unframed($numbered);
    }

    /**
     * A table drawn with strokes all around: the first stroke of its lines is a frame and no empty cell before it.
     *
     * @param array<int, string> $lines
     *
     * @return array<int, string>
     */
    private static function unframed(array $lines): array
    {
        $ruled = array_filter($lines, static fn (string $line): bool => str_contains($line, '|'));
        foreach ($ruled as $line) {
            if (!str_starts_with(ltrim($line), '|')) {
                return $lines;
            }
        }

        return array_map(static fn (string $line): string => preg_replace('/^\s*\|/', ' ', $line) ?? $line, $lines);
    }

    private static function plain(string $line): string
    {
        $plain = preg_replace('/[^\P{C}\t]/u', '', strtr($line, self::SIGNS)) ?? '';

        return rtrim(mb_substr($plain, 0, self::MOST_LETTERS));
    }
}
