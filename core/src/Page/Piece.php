<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** A stretch of a row: either values or words. */
final readonly class Piece
{
    private function __construct(public ?Bound $bound, public string $text, public ?ColumnRole $role)
    {
    }

    public static function values(Bound $bound): self
    {
        return new self($bound, '', null);
    }

    public static function words(string $text, ?ColumnRole $role = null): self
    {
        return new self(null, $text, $role);
    }

    /**
     * A text cut at the values found in it.
     *
     * @param list<Bound> $bounds
     *
     * @return list<self>
     */
    public static function cut(string $text, array $bounds, ?ColumnRole $role = null): array
    {
        $pieces = [];
        $at = 0;
        foreach ($bounds as $bound) {
            $pieces[] = self::words(self::trimmed(substr($text, $at, $bound->start - $at)), $role);
            $pieces[] = self::values($bound);
            $at = $bound->end();
        }
        $pieces[] = self::words(self::trimmed(substr($text, $at)), $role);

        return array_values(array_filter($pieces, static fn (self $piece): bool => null !== $piece->bound || '' !== $piece->text));
    }

    /** Without the signs that separate, and without a bracket whose other half is gone. */
    private static function trimmed(string $text): string
    {
        do {
            $before = $text;
            $text = rtrim(ltrim($text, " \t,;|/:=>.·•*\""), " \t,;|/:=>-.·•*\"");
            // "-115°" keeps its sign.
            $text = preg_replace('/^-+(?!\d)\s*/', '', $text) ?? $text;
            if (substr_count($text, '(') < substr_count($text, ')') && str_starts_with($text, ')')) {
                $text = substr($text, 1);
            }
            if (1 === preg_match('/^\(([^()]*)\)$/', $text, $inside)) {
                $text = $inside[1];
            }
            foreach (['(' => ')', '[' => ']'] as $open => $close) {
                if (str_ends_with($text, $open) || (str_ends_with($text, $close) && !str_contains($text, $open))) {
                    $text = substr($text, 0, -1);
                }
                if (str_starts_with($text, $close) || (str_starts_with($text, $open) && !str_contains($text, $close))) {
                    $text = substr($text, 1);
                }
            }
        } while ($before !== $text);

        return trim(mb_scrub($text));
    }
}
