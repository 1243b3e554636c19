<?php

declare(strict_types=1);

namespace Rigger\Core\Listing;

/** A cell of a list as a spreadsheet may have it. */
final class Cell
{
    /** A spreadsheet takes a cell that begins like this for a formula; a quote before it keeps it a text. */
    private const FORMULA = '/^(?:[=+@\t\r\']|-(?!\d))/';

    public static function guarded(string $text): string
    {
        return 1 === preg_match(self::FORMULA, $text) ? "'".$text : $text;
    }

    public static function unguarded(string $cell): string
    {
        return str_starts_with($cell, "'") && 1 === preg_match(self::FORMULA, substr($cell, 1)) ? substr($cell, 1) : $cell;
    }
}
