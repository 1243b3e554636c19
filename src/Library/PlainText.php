<?php

declare(strict_types=1);

namespace Rigger\App\Library;

use Rigger\App\Problem\Problem;

/** Bytes of a file that should hold text, in whatever encoding, as UTF-8. */
final class PlainText
{
    /** @throws Problem not_text, field "file" */
    public static function of(string $bytes, string $kinds): string
    {
        if (str_starts_with($bytes, "\xFF\xFE") || str_starts_with($bytes, "\xFE\xFF")) {
            $bytes = mb_convert_encoding(substr($bytes, 2), 'UTF-8', str_starts_with($bytes, "\xFF") ? 'UTF-16LE' : 'UTF-16BE');
        }
        $bytes = preg_replace('/^\xEF\xBB\xBF/', '', $bytes) ?? $bytes;
        if (str_contains($bytes, "\0")) {
            throw self::noText($kinds);
        }
        if (!mb_check_encoding($bytes, 'UTF-8')) {
            $bytes = mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252');
        }
        if (1 === preg_match('/[\x01-\x08\x0E-\x1A\x1C-\x1F]{2}/', $bytes)) {
            throw self::noText($kinds);
        }

        return $bytes;
    }

    private static function noText(string $kinds): Problem
    {
        return Problem::at('file', 'not_text', 'This file holds no text. '.$kinds);
    }
}
