<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Fixture;

use Rigger\Core\Profile\RangeFunction;

/** How a range is filled where there is no colour: told apart by torchlight. */
enum CardPattern
{
    case Wedge;
    case Bars;
    case Black;
    case Hatched;
    case Plain;

    public static function of(RangeFunction $function): self
    {
        return match (true) {
            RangeFunction::Intensity === $function, RangeFunction::Emitter === $function => self::Wedge,
            $function->flashes() => self::Bars,
            RangeFunction::Closed === $function => self::Black,
            RangeFunction::Program === $function, RangeFunction::Reset === $function => self::Hatched,
            default => self::Plain,
        };
    }
}
