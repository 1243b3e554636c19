<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

use Rigger\Core\Profile\Emitter;
use Rigger\Core\Profile\RangeFunction;

/** What a channel, or one stretch of it, is about by the words on the page. */
enum Subject
{
    case Intensity;
    case Shutter;
    case Emitter;
    case Preset;
    case Wheel;
    case WheelSpin;
    /** "Colour", which may be a wheel or built-in colours. */
    case Colour;
    case WhitePoint;
    case Tint;
    case Pan;
    case Tilt;
    case PanSpin;
    case TiltSpin;
    case MoveTime;
    case Gobo;
    case GoboSpin;
    case Prism;
    case Focus;
    case Zoom;
    case Iris;
    case Frost;
    case Program;
    case ProgramSpeed;
    /** "Speed", which may be a program's or the movement's. */
    case Speed;
    case Sound;
    case Turn;
    case Output;
    case Reset;
    /** "Function", "Control": each range says for itself. */
    case Control;
    /** Said to do nothing. */
    case Unused;
    /** A known word that the format has no function for. */
    case Foreign;
    case Unknown;

    /** What a range of it does when its own text says no more. */
    public function usual(): RangeFunction
    {
        return match ($this) {
            self::Intensity => RangeFunction::Intensity,
            self::Shutter => RangeFunction::Strobe,
            self::Emitter => RangeFunction::Emitter,
            self::Preset, self::Colour => RangeFunction::ColourPreset,
            self::Wheel => RangeFunction::Wheel,
            self::WheelSpin => RangeFunction::WheelSpin,
            self::WhitePoint => RangeFunction::WhitePoint,
            self::Tint => RangeFunction::Tint,
            self::Pan => RangeFunction::Pan,
            self::Tilt => RangeFunction::Tilt,
            self::PanSpin => RangeFunction::PanSpin,
            self::TiltSpin => RangeFunction::TiltSpin,
            self::MoveTime => RangeFunction::MoveTime,
            self::Gobo => RangeFunction::Gobo,
            self::GoboSpin => RangeFunction::GoboSpin,
            self::Prism => RangeFunction::Prism,
            self::Focus => RangeFunction::Focus,
            self::Zoom => RangeFunction::Zoom,
            self::Iris => RangeFunction::Iris,
            self::Frost => RangeFunction::Frost,
            self::Program => RangeFunction::Program,
            self::ProgramSpeed, self::Speed => RangeFunction::ProgramSpeed,
            self::Sound => RangeFunction::Sound,
            self::Turn => RangeFunction::Turn,
            self::Output => RangeFunction::Output,
            self::Reset => RangeFunction::Reset,
            self::Control, self::Unused, self::Foreign, self::Unknown => RangeFunction::None,
        };
    }

    /** Whether its ranges usually bear names of their own ("Seaweed", "Tide"), so that a strange word is no mistake. */
    public function bearsNames(): bool
    {
        return \in_array($this, [self::Gobo, self::Wheel, self::Preset, self::Colour, self::Program, self::Prism], true);
    }

    /** Whether equal channels with numbers are parts of the fixture; two gobo wheels stand in one beam. */
    public function mayBeCells(): bool
    {
        return !\in_array(
            $this,
            [self::Gobo, self::GoboSpin, self::Wheel, self::WheelSpin, self::Prism, self::Program, self::ProgramSpeed],
            true,
        );
    }
}
