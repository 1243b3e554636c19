<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** The parts of a fixture: a number after equal names that runs 1…n ("Pixel 1 Red", "R1", "Dimmer 3"). */
final class CellNumbers
{
    /**
     * @param array<int, string>  $labels   by offset
     * @param array<int, Subject> $subjects by offset
     *
     * @return array<int, int> cell by offset, for the channels that have one
     */
    public static function of(array $labels, array $subjects): array
    {
        $groups = [];
        foreach ($labels as $offset => $label) {
            $parts = $subjects[$offset]->mayBeCells() ? self::split($label) : null;
            if (null !== $parts) {
                $groups[$parts[0]][$offset] = $parts[1];
            }
        }
        $cells = [];
        foreach ($groups as $numbers) {
            $sorted = array_values($numbers);
            sort($sorted);
            if (\count($sorted) > 1 && $sorted === range(1, \count($sorted))) {
                $cells += $numbers;
            }
        }
        ksort($cells);

        return $cells;
    }

    /** @return array{string, int}|null the name without its number, and the number */
    public static function split(string $label): ?array
    {
        $label = preg_replace('/\b(?:8|16)[- ]?bits?\b|\([^)]*\d[^)]*%[^)]*\)/i', ' ', $label) ?? $label;
        if (1 !== preg_match_all('/(?<![\d.])\d{1,3}(?![\d.]|\s*(?:%|hz|°))/i', $label, $found)) {
            return null;
        }
        $name = Words::normal(preg_replace('/[\s#_.:,()-]*(?<![\d.])\d{1,3}[\s#_.:,()-]*/', ' ', $label) ?? $label);

        return '' === $name ? null : [$name, (int) $found[0][0]];
    }
}
