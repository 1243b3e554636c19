<?php

declare(strict_types=1);

namespace Rigger\Core\Listing;

/** The columns of a chart as a list, one row a range. */
final class ProfileColumns
{
    public const ALL = [
        'maker', 'model', 'kind', 'watts', 'pan', 'tilt', 'switches', 'emitters', 'mode', 'mode name', 'count', 'display', 'setup',
        'channel', 'name', 'cell', 'fine of', 'rests at', 'from', 'to', 'range', 'function', 'start', 'end', 'emitter', 'hex', 'slot',
    ];
    public const NEEDED = ['maker', 'model', 'mode', 'channel'];

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
