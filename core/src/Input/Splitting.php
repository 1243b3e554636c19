<?php

declare(strict_types=1);

namespace Rigger\Core\Input;

/** Texts cut at a pattern. */
final class Splitting
{
    /** @return non-empty-list<string> the whole text where it cannot be cut */
    public static function of(string $pattern, string $text): array
    {
        $parts = preg_split($pattern, $text);

        return false === $parts || [] === $parts ? [$text] : $parts;
    }
}
