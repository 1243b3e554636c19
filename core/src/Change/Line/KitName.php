<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Line;

use Rigger\Core\Input\InputError;
use Rigger\Core\Line\Radio\Kit;
use Rigger\Core\Line\Radio\KitPart;

/**
 * What units of a radio kit can be set to.
 *
 * @internal
 */
final class KitName
{
    /** @throws InputError not_a_choice */
    public static function of(Kit $kit, string $name, string $field): string
    {
        return $kit->has($name) ? $name : throw InputError::because(
            'not_a_choice',
            $field,
            \sprintf('Units of %s are set to %s.', $kit->name, implode(' and ', array_map(
                static fn (KitPart $part): string => 1 === \count($part->values)
                    ? $part->label.' '.$part->values[0]
                    : \sprintf('%s %s to %s', $part->label, $part->values[0], $part->values[\count($part->values) - 1]),
                $kit->parts,
            ))),
        );
    }
}
