<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Input\InputError;

/** How large a rig and the names in it may be. */
final class Limits
{
    public const NAME = 80;
    public const UNITS = 2000;
    public const LOOKS = 2000;
    public const LINKS = 200;
    public const UNIVERSES = 63999;
    public const SUPPORTS = 100;
    public const NUMBER = 99999;
    public const NOTE = 1000;
    public const GROUPS = 12;
    public const HOLDS = 200;
    public const KNOWN = 2000;
    public const RUNS = 200;
    public const ON_A_RUN = 512;

    /** @throws InputError out_of_range for a name that is empty or too long, or holds control characters */
    public static function name(string $name, string $field): string
    {
        $name = trim($name);
        $length = mb_strlen($name);
        if ('' === $name || $length > self::NAME) {
            throw InputError::because(
                'out_of_range',
                $field,
                '' === $name ? 'A name is needed.' : \sprintf('The name has %d letters; at most %d fit on the tape.', $length, self::NAME),
            );
        }
        if (!mb_check_encoding($name, 'UTF-8') || 1 === preg_match('/[\x00-\x1F\x7F]/', $name)) {
            throw InputError::because('out_of_range', $field, 'A name cannot hold line breaks or control characters.');
        }

        return $name;
    }

    /**
     * Group names of a unit: each once, in the order given.
     *
     * @param list<string> $groups
     *
     * @return list<string>
     *
     * @throws InputError out_of_range
     */
    public static function groups(array $groups, string $field): array
    {
        $names = array_values(array_unique(array_map(static fn (string $group): string => self::name($group, $field), $groups)));
        if (\count($names) > self::GROUPS) {
            throw InputError::because(
                'out_of_range',
                $field,
                \sprintf('%d groups are named; a unit can be in at most %d.', \count($names), self::GROUPS),
            );
        }

        return $names;
    }

    /** @throws InputError out_of_range for a note that is too long or holds control characters */
    public static function note(string $note, string $field): ?string
    {
        $note = trim($note);
        if (mb_strlen($note) > self::NOTE || 1 === preg_match('/[\x00-\x08\x0B-\x1F\x7F]/', $note)) {
            throw InputError::because(
                'out_of_range',
                $field,
                \sprintf('A note holds at most %d letters and no control characters.', self::NOTE),
            );
        }

        return '' === $note ? null : $note;
    }

    public static function tooManyHolds(): InputError
    {
        return InputError::because('out_of_range', 'name', \sprintf('A rig holds slots for others in at most %d places.', self::HOLDS));
    }
}
