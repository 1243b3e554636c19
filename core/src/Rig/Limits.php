<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Input\InputError;

/** How large a rig and the names in it may be. */
final class Limits
{
    public const NAME = 80;
    public const FIXTURES = 2000;
    public const LOOKS = 2000;
    public const LINKS = 200;
    public const UNIVERSES = 63999;

    /** @throws InputError out_of_range for a name that is empty or too long, or holds control characters */
    public static function name(string $name, string $field): string
    {
        $name = trim($name);
        $length = mb_strlen($name);
        if ('' === $name || $length > self::NAME) {
            throw InputError::because('out_of_range', $field, '' === $name ? 'A name is needed.' : \sprintf('The name has %d letters; at most %d fit on the tape.', $length, self::NAME));
        }
        if (!mb_check_encoding($name, 'UTF-8') || 1 === preg_match('/[\x00-\x1F\x7F]/', $name)) {
            throw InputError::because('out_of_range', $field, 'A name cannot hold line breaks or control characters.');
        }

        return $name;
    }
}
