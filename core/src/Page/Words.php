<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** The field's words on a page, spelled one way. */
final class Words
{
    private const SPELLINGS = [
        '/\bcolou?rs?\b/' => 'colour', '/\bcolou?r/' => 'colour', '/\bgray\b/' => 'grey', '/\bcent(?:er|re)(?:ed|d)?\b/' => 'centre',
        '/\bdim(?:mers?|ming|m)?\b\.?/' => 'dimmer', '/\bshutters?\b|\bshut\./' => 'shutter',
        '/\b(?:strob(?:e|ing|es)?|strb|stroboscope)\b\.?/' => 'strobe',
        '/\bsp(?:d|eed|eeds)?\b\.?/' => 'speed', '/\bprogr?(?:am(?:me)?s?|s)?\b\.?/' => 'program',
        '/\bintens?(?:ity|ities)?\b\.?/' => 'intensity',
        '/\brot(?:at(?:e|es|ing|ion|ions|able))?\b\.?/' => 'rotation', '/\bprogram(?:me)?s\b/' => 'program',
        '/\bcounter\s*-?\s*clock\s*-?\s*wise\b|\banti\s*-?\s*clock\s*-?\s*wise\b|\bc\.?c\.?w\b\.?|\ba\.?c\.?w\b\.?/' => 'ccw',
        '/\bclock\s*-?\s*wise\b/' => 'cw',
        '/\b(?:temp|temperature)\b\.?/' => 'temperature', '/\bfxs?\b/' => 'effect', '/\beffects\b/' => 'effect', '/\bmacros\b/' => 'macro',
        '/\bmov(?:e|ing|ement|t)?\b\.?/' => 'movement', '/\bfct\b\.?|\bfunc\b\.?|\bfunctions\b/' => 'function',
        '/\bsens\b\.?|\bsensitiv(?:e|ity)\b/' => 'sensitivity',
    ];

    /** Lower case, one spelling, single blanks. */
    public static function normal(string $text): string
    {
        $text = mb_strtolower(strtr($text, ['_' => ' ', '"' => '', "'" => '', '!' => '', '*' => '']));
        $text = preg_replace(array_keys(self::SPELLINGS), array_values(self::SPELLINGS), $text) ?? $text;

        return trim(preg_replace('/\s+/', ' ', $text) ?? $text, ' .,:;-=/');
    }

    /** Without figures, units and what stands in brackets: the bare words. */
    public static function bare(string $text): string
    {
        $text = preg_replace(
            [
                '/\([^)]*\)/',
                '/[-+]?\d+(?:[.,]\d+)?\s*(?:%|hz|°|deg(?:rees?)?|rpm|ms|kelvin|k|bits?|s|sec|seconds?)?(?![a-z])/',
                '/(?<=\s)[-–~>.]+(?=\s|$)/',
            ],
            ' ',
            self::normal($text),
        ) ?? $text;

        return trim(preg_replace('/\s+/', ' ', $text) ?? $text, ' .,:;-=/+%°');
    }
}
