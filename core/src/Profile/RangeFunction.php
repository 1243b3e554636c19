<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

/** What a range of a channel does. The cases are those of the open format `rigger-fixture`, version 1. */
enum RangeFunction: string
{
    case Intensity = 'intensity';
    case Open = 'open';
    case Closed = 'closed';
    case Strobe = 'strobe';
    case Pulse = 'pulse';
    case RandomStrobe = 'random-strobe';
    case Emitter = 'emitter';
    case ColourPreset = 'colour-preset';
    case Wheel = 'wheel';
    case WheelSpin = 'wheel-spin';
    case WhitePoint = 'white-point';
    case Tint = 'tint';
    case Pan = 'pan';
    case Tilt = 'tilt';
    case PanSpin = 'pan-spin';
    case TiltSpin = 'tilt-spin';
    case MoveTime = 'move-time';
    case Gobo = 'gobo';
    case GoboSpin = 'gobo-spin';
    case Prism = 'prism';
    case Focus = 'focus';
    case Zoom = 'zoom';
    case Iris = 'iris';
    case Frost = 'frost';
    case Program = 'program';
    case ProgramSpeed = 'program-speed';
    case Sound = 'sound';
    case Turn = 'turn';
    case Output = 'output';
    case Reset = 'reset';
    case None = 'none';

    public function quantity(): Quantity
    {
        return match ($this) {
            self::Intensity, self::Emitter, self::ProgramSpeed, self::Sound, self::Output => Quantity::Level,
            self::Strobe, self::Pulse, self::RandomStrobe => Quantity::Hertz,
            self::WheelSpin, self::PanSpin, self::TiltSpin, self::Turn => Quantity::Rpm,
            self::WhitePoint => Quantity::Kelvin,
            self::Tint => Quantity::Duv,
            self::Pan, self::Tilt => Quantity::Degrees,
            self::MoveTime => Quantity::Seconds,
            self::Gobo, self::GoboSpin, self::Prism, self::Focus, self::Zoom, self::Iris, self::Frost => Quantity::SlotOrAmount,
            default => Quantity::None,
        };
    }

    /** @return list<string> the members that a range of this function has beside from, to, label and function */
    public function members(): array
    {
        $own = match ($this) {
            self::Emitter => ['emitter'],
            self::ColourPreset => ['hex'],
            self::Wheel => ['slot', 'hex'],
            default => [],
        };

        return [...$own, ...$this->quantity()->members()];
    }

    public function flashes(): bool
    {
        return Quantity::Hertz === $this->quantity();
    }

    /** Whether a mode with nothing but this can give light at all. */
    public function givesLight(): bool
    {
        return \in_array($this, [self::Intensity, self::Emitter, self::Open, self::ColourPreset, self::Wheel, self::WhitePoint], true);
    }

    /** @return list<string> */
    public static function words(): array
    {
        return array_column(self::cases(), 'value');
    }
}
