<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** Which emitter a channel's name means, if it names one: "R", "Red LED", "Cold white 3", "Pixel 4 Blue". */
final class EmitterWords
{
    private const WORDS = [
        'warm-white' => 'warm ?-?white|warmwhite|white ?-?warm|ww|w\.?w\.?|warm',
        'cool-white' => '(?:cool|cold|day ?light|neutral) ?-?white|coldwhite|coolwhite|white ?-?(?:cool|cold)|cw|c w|cool|cold',
        'uv' => 'uv|u v|ultra ?-?violet|black ?light|violet|uv\/violet|uv\/purple|purple',
        'red' => 'red|r|rd',
        'green' => 'green|g|grn|gr',
        'blue' => 'blue|b|blu|bl',
        'amber' => 'amber|a|amb|am',
        'cyan' => 'cyan|c|cy',
        'lime' => 'lime|l|lm|mint',
        'white' => 'white|w|wh|wht',
    ];

    /** Words that may stand beside a colour and do not change what it is. */
    private const BESIDE = 'leds?|light|lamps?|dimmer|intensity|brightness|level|colour|emitters?|value|control|channel|pixels?|px'
        .'|cells?|segments?|sections?|seg|zones?|heads?|part|group|area|section|module|tube|bar|eye|dot|of|no|nr|mix(?:ing)?|fine'
        .'|coarse|lsb|msb|adjust(?:ment)?|all|total|overall|16 ?bit|8 ?bit|dim|output|chips?';

    /** @return string|null key of the emitter */
    public static function keyOf(string $label): ?string
    {
        $text = Words::bare(preg_replace('/(?<=[a-z])\s*\d+\b|\b\d+\s*(?=[a-z])|#/i', ' ', $label) ?? $label);
        if ('' === $text) {
            return null;
        }
        $words = trim(preg_replace(['/\b(?:'.self::BESIDE.')\b/', '/[\s:.,\/()-]+/'], ' ', $text) ?? $text);
        if ('' === $words) {
            return null;
        }
        foreach (self::WORDS as $key => $pattern) {
            if (1 === preg_match('/^(?:'.$pattern.')$/', $words)) {
                return $key;
            }
        }

        return null;
    }
}
