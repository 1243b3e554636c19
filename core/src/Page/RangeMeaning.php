<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

use Rigger\Core\Profile\RangeFunction;

/** What one stretch of a channel does: the channel's subject, and what its own words add to it. */
final readonly class RangeMeaning
{
    private const OFF = '/^(?:(?:strobe|shutter|flash(?:ing)?|effect|gobo|prism|frost|program|auto|sound|macro|function|dimmer|colour'
        .'|wheel|music|rotation|chase|output|fan|haze|fog|pump|show|beam|led|leds|pan|tilt|iris) )?off$|^(?:no|without) (?:strobe'
        .'|flash\w*|gobo|prism|frost|colour|program|effect|rotation|sound|macro|shutter|chase|movement|auto|pulse|preset|colour macro'
        .'|output|haze|fog|shake|show|iris)(?: effect)?$|^0 ?%$/';
    private const ON = '/^(?:(?:light|lamp|led|leds|full|always|all|strobe|shutter|steady|stay|beam|dimmer|intensity) )?on$'
        .'|^on\b.*\b(?:light|steady|full)$|^(?:full(?: on| open| bright| brightness| intensity| power)?|steady(?: on| light)?'
        .'|constant(?: on| light)?|static(?: on| light)?|always light|open(?:ed)?(?: full| light| white)?|(?:shutter|lamp|fully|full'
        .'|strobe|light|beam|dimmer) open(?:ed)?|led on|100 ?% on|normal|continuous(?: light)?|permanent)$/';
    private const CLOSED = '/^(?:(?:shutter|lamp|fully|full|light|beam|strobe|dimmer) )?(?:close[ds]?|shut|closing)$|^(?:black ?out'
        .'|dark(?:ness)?|no light|light off|lamp off|lights? out|close light|led(?:s)? off|light closed?|output off)$|^(?:shutter'
        .'|light|strobe) (?:blackout|close[ds]?)$/';
    private const STOP = '/\bstop(?:s|ped)?\b|\bno rotation\b|\bstill\b|^static$|\bno spin\b|\bhold position\b/';
    private const SPIN = '/\b(?:rotation|spin\w*|scroll\w*|rainbow|cw|ccw|forward|backward|reverse|flow\w*|turn\w*|endless|continuous'
        .'|cycle)\b/';

    private function __construct(public RangeFunction $function, public ?RemarkCode $remark = null, public bool $isStopped = false)
    {
    }

    /**
     * @param bool $alsoDims whether the same channel has ranges that dim
     * @param bool $isOnly   whether it is the channel's only range
     */
    public static function of(Subject $channel, string $text, bool $alsoDims, bool $isOnly): self
    {
        $words = Words::bare($text);
        $normal = Words::normal($text);
        $said = '' === $words ? Subject::Unknown : Vocabulary::subjectOf($text);
        if (Subject::Unused === $channel && ('' === $words || $isOnly)) {
            return new self(RangeFunction::None);
        }

        return self::state(
            $channel,
            $words,
            $normal,
            $said,
            $alsoDims,
        ) ?? self::own($channel, $words, $text, $said) ?? self::byWords($channel, $words, $said, $isOnly);
    }

    /** Off, on, closed, stopped, unused: states that mean the same on most channels. */
    private static function state(Subject $channel, string $words, string $normal, Subject $said, bool $alsoDims): ?self
    {
        $plain = trim(preg_replace('/[^a-z0-9% ]+/', ' ', '' === $words ? $normal : $words) ?? $words);
        $lights = Subject::Shutter === $channel || Subject::Intensity === $channel;
        $gates = $lights || \in_array($channel, [Subject::Control, Subject::Unknown], true);

        return match (true) {
            // "No function (shutter open)": what stands in the brackets is what one sees.
            $gates && 1 === preg_match('/\((?:[a-z ]*)\bopen\b[a-z ]*\)/', $normal) => new self(RangeFunction::Open),
            Subject::Unused === $said => new self(RangeFunction::None),
            1 === preg_match(self::CLOSED, $plain) => self::closed($channel, $plain),
            1 === preg_match(self::STOP, $plain) && null !== self::stopped($channel, $said) => self::stopped($channel, $said),
            1 === preg_match(self::OFF, $plain) => new self(match (true) {
                Subject::Shutter === $channel => $alsoDims ? RangeFunction::None : RangeFunction::Open,
                Subject::Intensity === $channel
                    && ('off' === $plain || str_starts_with($plain, 'dimmer') || str_starts_with($plain, 'led')) => RangeFunction::Closed,
                default => RangeFunction::None,
            }),
            1 === preg_match(self::ON, $plain) && ($lights || 1 === preg_match(
                '/^(?:light|lamp|led) on$/',
                $plain,
            ) || $gates && str_contains($plain, 'open')) => new self(RangeFunction::Open),
            default => null,
        };
    }

    private static function closed(Subject $channel, string $plain): ?self
    {
        $hasOwn = \in_array($channel, [Subject::Iris, Subject::Zoom, Subject::Focus, Subject::Frost, Subject::Pan, Subject::Tilt], true);

        return $hasOwn && !\in_array($plain, ['blackout', 'black out'], true) ? null : new self(RangeFunction::Closed);
    }

    private static function stopped(Subject $channel, Subject $said): ?self
    {
        $function = match (true) {
            Subject::Gobo === $channel, Subject::GoboSpin === $channel => RangeFunction::GoboSpin,
            Subject::Wheel === $channel, Subject::WheelSpin === $channel, Subject::Colour === $channel => RangeFunction::WheelSpin,
            Subject::Pan === $channel, Subject::PanSpin === $channel => RangeFunction::PanSpin,
            Subject::Tilt === $channel, Subject::TiltSpin === $channel => RangeFunction::TiltSpin,
            Subject::Turn === $channel, Subject::Turn === $said => RangeFunction::Turn,
            Subject::Prism === $channel => RangeFunction::Prism,
            Subject::Program === $channel, Subject::Shutter === $channel => RangeFunction::None,
            default => null,
        };

        return null === $function
            ? null
            : new self($function, null, RangeFunction::None !== $function && RangeFunction::Prism !== $function);
    }

    /** What the ranges of this subject's channels are usually called. */
    private static function own(Subject $channel, string $words, string $text, Subject $said): ?self
    {
        $spins = 1 === preg_match(self::SPIN, $words);

        return match ($channel) {
            Subject::Gobo => self::ofGobo($words, $said, $spins),
            Subject::GoboSpin => Subject::Reset === $said ? null : new self(RangeFunction::GoboSpin),
            Subject::Wheel, Subject::WheelSpin => self::ofWheel($channel, $words, $said, $spins),
            Subject::Colour, Subject::Preset => self::ofColour($text, $said, $spins && Subject::Colour === $channel),
            Subject::Prism => Subject::Reset === $said || Subject::Gobo === $said ? null : new self(RangeFunction::Prism),
            Subject::Pan, Subject::Tilt => $spins && Subject::MoveTime !== $said
                ? new self(Subject::Pan === $channel ? RangeFunction::PanSpin : RangeFunction::TiltSpin)
                : null,
            Subject::Shutter => self::ofShutter($words, $said),
            Subject::Intensity => self::ofShutterWords($words, $said),
            Subject::Program => self::ofProgram($words, $text, $said),
            Subject::ProgramSpeed, Subject::Speed, Subject::MoveTime => \in_array(
                $said,
                [Subject::Program, Subject::Sound, Subject::Foreign, Subject::Reset],
                true,
            )
                ? null
                : new self($channel->usual()),
            Subject::Turn, Subject::PanSpin, Subject::TiltSpin => $spins || Subject::Speed === $said ? new self($channel->usual()) : null,
            default => null,
        };
    }

    private static function ofGobo(string $words, Subject $said, bool $spins): ?self
    {
        return match (true) {
            Subject::Reset === $said, Subject::Foreign === $said => null,
            1 === preg_match(
                '/^(?:gobo )?(?:open|white|no gobo)(?: (?:gobo|hole|white|position))?$/',
                $words,
            ) => new self(RangeFunction::Open),
            str_contains($words, 'shak') => new self(RangeFunction::Gobo),
            $spins => new self(RangeFunction::GoboSpin),
            default => new self(RangeFunction::Gobo),
        };
    }

    private static function ofWheel(Subject $channel, string $words, Subject $said, bool $spins): ?self
    {
        return match (true) {
            \in_array($said, [Subject::Reset, Subject::Shutter, Subject::Gobo], true) => null,
            Subject::Program === $said && 1 === preg_match('/\b(?:sound|music|audio)\b/', $words) => new self(RangeFunction::Program),
            $spins && null === ColourNames::hexOf($words), Subject::WheelSpin === $channel => new self(RangeFunction::WheelSpin),
            default => new self(RangeFunction::Wheel),
        };
    }

    private static function ofColour(string $text, Subject $said, bool $spins): ?self
    {
        $names = null !== ColourNames::hexOf($text) || ColourNames::namesTwo($text);

        return match (true) {
            \in_array($said, [Subject::Reset, Subject::Shutter, Subject::WhitePoint, Subject::Sound], true) => null,
            !$names && $spins => new self(RangeFunction::WheelSpin),
            !$names && \in_array($said, [Subject::Program, Subject::ProgramSpeed], true) => null,
            $names => new self(RangeFunction::ColourPreset),
            default => new self(RangeFunction::ColourPreset, RemarkCode::Guessed),
        };
    }

    private static function ofShutter(string $words, Subject $said): ?self
    {
        return self::ofShutterWords($words, $said) ?? match (true) {
            \in_array(
                $said,
                [Subject::Program, Subject::Sound, Subject::Reset, Subject::Foreign, Subject::Intensity, Subject::Emitter],
                true,
            ) => null,
            '' === $words || self::isSweep($words) || \in_array(
                $said,
                [Subject::Speed, Subject::ProgramSpeed],
                true,
            ) => new self(RangeFunction::Strobe),
            default => null,
        };
    }

    private static function ofShutterWords(string $words, Subject $said): ?self
    {
        $flashes = Subject::Shutter === $said || 1 === preg_match('/\b(?:strobe|flash\w*|puls\w*|random\w*|lightning)\b/', $words);

        return match (true) {
            !$flashes || Subject::Foreign === $said || Subject::Sound === $said => null,
            1 === preg_match('/\b(?:sound|music|audio)\b/', $words) => null,
            1 === preg_match('/\brandom\w*|\blightning\b/', $words) => new self(RangeFunction::RandomStrobe),
            1 === preg_match('/\bpuls\w*/', $words) => new self(RangeFunction::Pulse),
            default => new self(RangeFunction::Strobe),
        };
    }

    private static function ofProgram(string $words, string $text, Subject $said): ?self
    {
        $speed = \in_array($said, [Subject::Speed, Subject::ProgramSpeed], true);

        return match (true) {
            Subject::Preset === $said => new self(
                RangeFunction::ColourPreset,
                null === ColourNames::hexOf($text) ? RemarkCode::Guessed : null,
            ),
            Subject::Reset === $said, Subject::Sound === $said, Subject::Foreign === $said && 1 !== preg_match(
                '/^(?:yellow|magenta)$/',
                $words,
            ) => null,
            1 === preg_match(
                '/^(?:colour )?(?:preset|static|fixed)\b/',
                $words,
            ) && null !== ColourNames::hexOf($text) => new self(RangeFunction::ColourPreset),
            $speed && 1 !== preg_match(
                '/\b(?:program|auto|show|chase|macro|effect|change|changing|jump|fade|step) ?(?:\w+ )?(?:with|,|and)/',
                $words,
            ) && 1 !== preg_match('/\d/', $text) => new self(RangeFunction::ProgramSpeed),
            1 === preg_match(
                '/^(?:(?:sky|light|dark|deep) )?\w+$/',
                $words,
            ) && null !== ColourNames::hexOf($words) && Subject::Program !== $said => new self(RangeFunction::ColourPreset),
            default => new self(RangeFunction::Program),
        };
    }

    /** The words decide: beside a channel of no subject, or of one that does not know them. */
    private static function byWords(Subject $channel, string $words, Subject $said, bool $isOnly): self
    {
        if (Subject::Foreign === $said || (Subject::Foreign === $channel && Subject::Unknown === $said)) {
            return new self(RangeFunction::None, RemarkCode::NoSuchFunction);
        }
        if (\in_array($channel, [Subject::Control, Subject::Unknown, Subject::Unused], true)) {
            return match (true) {
                Subject::Control === $said && '' !== $words => new self(RangeFunction::None, RemarkCode::NotUnderstood),
                Subject::Unknown === $said => new self(RangeFunction::None, RemarkCode::NotUnderstood),
                default => self::of($said, $words, false, $isOnly),
            };
        }
        if (Subject::Foreign === $channel) {
            return new self(RangeFunction::None, RemarkCode::NoSuchFunction);
        }
        $overrides = [Subject::Reset, Subject::Program, Subject::Sound, Subject::Shutter, Subject::ProgramSpeed];
        if (\in_array($said, $overrides, true) && $said !== $channel && !self::isKin($channel, $said)) {
            return self::ofShutterWords($words, $said) ?? new self($said->usual());
        }
        if (\in_array(
            $channel,
            [Subject::Shutter, Subject::Output],
            true,
        ) && \in_array($said, [Subject::Intensity, Subject::Output], true)) {
            return new self($said->usual());
        }
        $isKnown = Subject::Unknown !== $said || '' === $words || self::isSweep($words) || $channel->bearsNames();

        return new self($channel->usual(), $isKnown ? null : RemarkCode::Guessed);
    }

    private static function isKin(Subject $channel, Subject $said): bool
    {
        // An iris that pulses is still an iris.
        if (\in_array($channel, [Subject::Iris, Subject::Zoom, Subject::Focus], true) && Subject::Shutter === $said) {
            return true;
        }

        return Subject::ProgramSpeed === $said && \in_array(
            $channel,
            [Subject::Output, Subject::Turn, Subject::Shutter, Subject::Speed],
            true,
        );
    }

    private static function isSweep(string $words): bool
    {
        return 1 === preg_match(
            '/\b(?:slow\w*|fast\w*|dark\w*|bright\w*|full|min\w*|max\w*|low|high|increas\w*|decreas\w*|open|closed?|wide|narrow'
                .'|small|large|big|near|far|left|right|up|down|warm|cool|cold|cw|ccw|linear|adjust\w*|proportional|from|to|soft|hard'
                .'|weak|strong|light|on|off|intensity|dimmer|level|value|speed|continuous|gradual\w*|centre|less|more|smooth\w*)\b/',
            $words,
        );
    }
}
