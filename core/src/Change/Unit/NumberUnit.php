<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Rig;

/** The number that it is called by on the headset. */
final readonly class NumberUnit implements Change
{
    /** @param string $number as typed; blank for none */
    public function __construct(public string $unit, public string $number)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit);
        $text = trim($this->number);
        if ('' !== $text && (1 !== preg_match('/^\d{1,6}$/D', $text) || (int) $text < 1 || (int) $text > Limits::NUMBER)) {
            throw InputError::because(
                'out_of_range',
                'number',
                \sprintf('%s is no unit number: type 1 to %d, or leave it blank.', InputError::quote($text), Limits::NUMBER),
            );
        }
        $number = '' === $text ? null : (int) $text;

        return new Applied(
            $rig->withUnits($unit->numbered($number)),
            null === $number ? \sprintf('%s has no number', $unit->name) : \sprintf('%s is number %d', $unit->name, $number),
        );
    }
}
