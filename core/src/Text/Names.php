<?php

declare(strict_types=1);

namespace Rigger\Core\Text;

/** Several things in one breath. */
final class Names
{
    private const SAID = 3;

    /**
     * @param list<string> $names
     *
     * @return string "Drum 1", "Drum 1 and Drum 2", "Drum 1, Drum 2, Drum 3 and 92 more"
     */
    public static function few(array $names): string
    {
        $over = \count($names) - self::SAID;

        return self::all($over > 1 ? [...\array_slice($names, 0, self::SAID), $over.' more'] : $names);
    }

    /**
     * @param list<string> $names
     *
     * @return string "1, 2 and 5"
     */
    public static function all(array $names): string
    {
        $last = array_pop($names);

        return [] === $names ? (string) $last : implode(', ', $names).' and '.$last;
    }
}
