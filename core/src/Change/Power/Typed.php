<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Power;

use Rigger\Core\Input\InputError;
use Rigger\Core\Text\Figure;

/**
 * Figures of power as they are typed and said.
 *
 * @internal
 */
final class Typed
{
    /**
     * "650", "650 W", "0,5".
     *
     * @return float|null null for a blank
     *
     * @throws InputError out_of_range
     */
    public static function above(?string $typed, string $field, float $most, string $unit): ?float
    {
        $plain = str_replace(',', '.', trim($typed ?? ''));
        if ('' === $plain) {
            return null;
        }
        $value = 1 === preg_match('/^(\d+(?:\.\d+)?)\s*'.$unit.'?$/iD', $plain, $found) ? (float) $found[1] : 0.0;
        if ($value <= 0.0 || $value > $most) {
            throw InputError::because('out_of_range', $field, \sprintf('Type a number above 0, up to %s %s.', Figure::short($most), $unit));
        }

        return $value;
    }
}
