<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** Numbers the slots of one wheel in the order of the chart; a number in the words counts more. */
final class SlotCounter
{
    private int $next = 1;
    /** @var array<string, int> by what the words call them */
    private array $byName = [];

    public function open(): int
    {
        return 0;
    }

    public function of(string $text): int
    {
        $name = self::name($text);
        if (1 === preg_match(
            '/(?:gobos?|colou?rs?|patterns?|slots?|positions?|prism|no\.?|nr\.?|#)\s*(\d{1,3})\b/i',
            $text,
            $parts,
        ) || 1 === preg_match('/^\s*(\d{1,2})\b(?!\s*[-.\/]?\s*(?:facet|hz|%|°))/i', $text, $parts)) {
            $slot = (int) $parts[1];
        } else {
            $slot = $this->byName[$name] ?? $this->next;
        }
        $this->byName[$name] ??= $slot;
        $this->next = max($this->next, $slot + 1);

        return $slot;
    }

    private static function name(string $text): string
    {
        return trim(preg_replace(
            '/\b(?:shak\w*|slow|fast|to|speed|gobo|colour|increasing|decreasing)\b|[^a-z0-9 ]/',
            '',
            Words::normal($text),
        ) ?? $text);
    }
}
