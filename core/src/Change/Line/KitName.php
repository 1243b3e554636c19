<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Line;

use Rigger\Core\Input\InputError;
use Rigger\Core\Line\RadioKit;

/**
 * A name that units of a radio kit can be set to.
 *
 * @internal
 */
final class KitName
{
    /** @throws InputError not_a_choice */
    public static function of(RadioKit $kit, string $name, string $field): string
    {
        return $kit->has($name)
            ? $name
            : throw InputError::because(
                'not_a_choice',
                $field,
                \sprintf('Units of %s are set to one of %s.', $kit->value, implode(', ', $kit->names())),
            );
    }
}
