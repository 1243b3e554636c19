<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** Screen colours for the colour names that stand on wheels and beside built-in colours. */
final class ColourNames
{
    private const NAMES = [
        'warm white' => '#ffd2a1', 'cold white' => '#dfe9ff', 'cool white' => '#dfe9ff', 'neutral white' => '#fff4e5', 'white' => '#ffffff',
        'open' => '#ffffff',
        'dark red' => '#b00000', 'deep red' => '#c00000', 'light red' => '#ff5050', 'red' => '#ff0000', 'dark green' => '#006400',
        'deep green' => '#007000',
        'light green' => '#80ff80', 'pale green' => '#98fb98', 'yellow green' => '#9acd32', 'green' => '#00ff00', 'dark blue' => '#0000a0',
        'deep blue' => '#0000b0',
        'light blue' => '#80c0ff', 'sky blue' => '#60b8ff', 'pale blue' => '#a0d0ff', 'congo blue' => '#2a00a8', 'steel blue' => '#6090c8',
        'royal blue' => '#2040e0',
        'navy' => '#000080', 'blue' => '#0000ff', 'dark amber' => '#ff7000', 'light amber' => '#ffc860', 'amber' => '#ffa000',
        'light yellow' => '#ffff80', 'yellow' => '#ffff00',
        'dark orange' => '#ff6000', 'light orange' => '#ffb060', 'orange' => '#ff8000', 'gold' => '#ffc800', 'straw' => '#ffe080',
        'salmon' => '#ff8070', 'peach' => '#ffb090', 'coral' => '#ff7f50',
        'hot pink' => '#ff3090', 'light pink' => '#ffb0d0', 'pink' => '#ff70b0', 'rose' => '#ff5090', 'fuchsia' => '#ff00ff',
        'light magenta' => '#ff80ff', 'magenta' => '#ff00ff',
        'light purple' => '#c080ff', 'purple' => '#a000ff', 'light lavender' => '#d8c8ff', 'lavender' => '#b090ff', 'violet' => '#8000ff',
        'indigo' => '#4b00c0', 'lilac' => '#c8a0e0',
        'light cyan' => '#a0ffff', 'cyan' => '#00ffff', 'turquoise' => '#40e0d0', 'aquamarine' => '#70ffd0', 'aqua' => '#00ffff',
        'teal' => '#00a0a0', 'sea' => '#20b0d0', 'mint' => '#90ffc0',
        'lime' => '#bfff00', 'cto' => '#ffd2a1', 'ctb' => '#c8dcff', 'uv' => '#5000ff', 'ultraviolet' => '#5000ff', 'congo' => '#2a00a8',
        'chartreuse' => '#80ff00',
    ];

    /** What emitters make together, for built-in colours written as "R+G" or "red + blue". */
    private const MIXES = [
        'red' => [255, 0, 0],
        'green' => [0, 255, 0],
        'blue' => [0, 0, 255],
        'white' => [255, 255, 255],
        'amber' => [255, 160, 0],
        'cyan' => [0, 255, 255],
        'lime' => [191, 255, 0],
        'uv' => [80, 0, 255],
        'warm-white' => [255, 210, 161],
        'cool-white' => [223, 233, 255],
    ];

    /** @return string|null "#rrggbb", or null when the text names no colour, or two of a split slot */
    public static function hexOf(string $text): ?string
    {
        if (1 === preg_match('/#([0-9a-f]{6})\b/i', $text, $parts)) {
            return '#'.strtolower($parts[1]);
        }
        $words = Words::normal(preg_replace(['/\([^)]*\)/', '/\d+/'], ' ', $text) ?? $text);
        if (str_contains($words, '+') || 1 === preg_match('/^[rgbwa]{2,5}$/', $words)) {
            return self::mixed($words);
        }
        $found = [];
        foreach (self::NAMES as $name => $hex) {
            if (1 === preg_match('/\b'.$name.'\b/', $words)) {
                $found[] = $hex;
                $words = preg_replace('/\b'.$name.'\b/', ' ', $words) ?? $words;
            }
        }

        return 1 === \count($found) ? $found[0] : null;
    }

    public static function namesTwo(string $text): bool
    {
        $words = Words::normal($text);
        $count = 0;
        foreach (self::NAMES as $name => $hex) {
            $words = preg_replace('/\b'.$name.'\b/', ' ', $words, -1, $times) ?? $words;
            $count += $times;
        }

        return $count > 1;
    }

    private static function mixed(string $words): ?string
    {
        $parts = str_contains($words, '+') ? explode('+', $words) : str_split($words);
        $sum = [0, 0, 0];
        foreach ($parts as $part) {
            $key = EmitterWords::keyOf($part);
            if (null === $key) {
                return null;
            }
            foreach (self::MIXES[$key] as $index => $amount) {
                $sum[$index] = min(255, $sum[$index] + $amount);
            }
        }

        return \sprintf('#%02x%02x%02x', ...$sum);
    }
}
