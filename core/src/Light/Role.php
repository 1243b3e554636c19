<?php

declare(strict_types=1);

namespace Rigger\Core\Light;

use Rigger\Core\Profile\RangeFunction;

/**
 * The part that a range plays in what comes out.
 *
 * @internal
 */
enum Role
{
    case Dimmer;
    case Closed;
    case Flash;
    case Emitter;
    /** A built-in colour, or a wheel slot that has one. */
    case Preset;
    case Wheel;
    case WhitePoint;
    case Tint;
    case Pan;
    case Tilt;
    case Program;
    case Idle;

    /** Of the whole unit, whatever its cells do. */
    public function isOfTheWhole(): bool
    {
        return self::Pan === $this || self::Tilt === $this || self::Program === $this;
    }

    public static function of(RangeFunction $function): self
    {
        return match ($function) {
            RangeFunction::Intensity => self::Dimmer,
            RangeFunction::Closed => self::Closed,
            RangeFunction::Strobe, RangeFunction::Pulse, RangeFunction::RandomStrobe => self::Flash,
            RangeFunction::Emitter => self::Emitter,
            RangeFunction::ColourPreset => self::Preset,
            RangeFunction::Wheel => self::Wheel,
            RangeFunction::WhitePoint => self::WhitePoint,
            RangeFunction::Tint => self::Tint,
            RangeFunction::Pan => self::Pan,
            RangeFunction::Tilt => self::Tilt,
            RangeFunction::Program => self::Program,
            default => self::Idle,
        };
    }
}
