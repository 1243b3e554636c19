<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

/** What a unit's own display shows once its address is set. */
final class Display
{
    /**
     * The last run of digits in the mode's text stands for the address: "d001" at 43 is "d043", "001." is "043.".
     *
     * @return string|null null when the mode says nothing of a display, or shows no digits
     */
    public static function at(?string $template, int $address): ?string
    {
        if (null === $template || 1 !== preg_match('/^(.*?)(\d+)(\D*)$/su', $template, $parts)) {
            return null;
        }

        return $parts[1].str_pad((string) $address, \strlen($parts[2]), '0', \STR_PAD_LEFT).$parts[3];
    }
}
