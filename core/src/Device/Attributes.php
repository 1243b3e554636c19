<?php

declare(strict_types=1);

namespace Rigger\Core\Device;

use Rigger\Core\Profile\RangeFunction;

/** Attribute names of DIN SPEC 15800 (annex A) and what they are in a chart. A number in a name counts several of a kind. */
final class Attributes
{
    private const EMITTERS = [
        'red' => 'ColorAdd_R', 'green' => 'ColorAdd_G', 'blue' => 'ColorAdd_B', 'white' => 'ColorAdd_W', 'amber' => 'ColorAdd_RY',
        'cyan' => 'ColorAdd_C',
        'lime' => 'ColorAdd_GY', 'warm-white' => 'ColorAdd_WW', 'cool-white' => 'ColorAdd_CW', 'uv' => 'ColorAdd_UV',
    ];

    /** What is written for each function; also read back. */
    private const WRITTEN = [
        'intensity' => 'Dimmer', 'open' => 'Shutter1', 'closed' => 'Shutter1', 'strobe' => 'Shutter1Strobe',
        'pulse' => 'Shutter1StrobePulse', 'random-strobe' => 'Shutter1StrobeRandom',
        'colour-preset' => 'ColorMacro1', 'wheel' => 'Color1', 'wheel-spin' => 'Color1WheelSpin', 'white-point' => 'CTC', 'tint' => 'Tint',
        'pan' => 'Pan', 'tilt' => 'Tilt', 'pan-spin' => 'PanRotate', 'tilt-spin' => 'TiltRotate', 'move-time' => 'PositionMSpeed',
        'gobo' => 'Gobo1', 'gobo-spin' => 'Gobo1PosRotate', 'prism' => 'Prism1', 'focus' => 'Focus1', 'zoom' => 'Zoom', 'iris' => 'Iris',
        'frost' => 'Frost1',
        'program' => 'Effects1', 'program-speed' => 'Effects1Rate', 'sound' => 'Effects1Adjust1', 'turn' => 'Function', 'output' => 'Fog1',
        'reset' => 'FixtureGlobalReset', 'none' => 'NoFeature',
    ];

    /** Further names that are read. Patterns, for the numbers in them differ. */
    private const READ = [
        '/^Shutter\d+$/' => 'open', '/^Shutter\d+StrobePulse\w*$/' => 'pulse', '/^Shutter\d+StrobeRandom\w*$/' => 'random-strobe',
        '/^Shutter\d+Strobe\w*$|^Strobe\w*$/' => 'strobe',
        '/^Color\d+WheelSpin$|^Color\d+WheelRandom$|^Color\d+WheelAudio$/' => 'wheel-spin', '/^Color\d+$|^Color\d+WheelIndex$/' => 'wheel',
        '/^ColorMacro\d+$|^ColorMacro$/' => 'colour-preset', '/^ColorMacro\d*Rate$/' => 'program-speed',
        '/^CT[OCB]$/' => 'white-point', '/^Gobo\d+(?:SelectShake|WheelShake|WheelIndex)?$/' => 'gobo',
        '/^Gobo\d+(?:PosRotate|WheelSpin|SelectSpin|Pos\w*|Select\w*|Wheel\w*)$/' => 'gobo-spin',
        '/^Prism\d+\w*$/' => 'prism', '/^Focus\d+\w*$/' => 'focus', '/^Frost\d+\w*$/' => 'frost', '/^Zoom\w*$/' => 'zoom',
        '/^Iris\w*$/' => 'iris',
        '/^Effects\d+Adjust\d+$/' => 'sound', '/^Effects\d+(?:Rate|Fade)$|^EffectsSpeed$|^ColorEffects\d*Rate$/' => 'program-speed',
        '/^Effects\d+$|^ColorEffects\d+$|^PanTiltEffects?\w*$|^EffectsSync$|^Macro\w*$/' => 'program',
        '/^PositionMSpeed$|^PositionEffectRate$|^PanTiltSpeed$|^DimmerMSpeed$/' => 'move-time',
        '/^(?:Fog|Haze)\d+\w*$|^Fans?\w*$|^Blower\d*$/' => 'output', '/^\w*Reset$/' => 'reset',
        '/^NoFeature$|^Dummy$|^Reserved\w*$/' => 'none', '/^Function$/' => 'turn',
    ];

    public static function of(RangeFunction $function, ?string $emitter): string
    {
        return RangeFunction::Emitter === $function
            ? self::EMITTERS[$emitter ?? ''] ?? 'ColorAdd_'.ucfirst(preg_replace('/[^A-Za-z0-9]/', '', (string) $emitter) ?? '')
            : self::WRITTEN[$function->value];
    }

    /** @return array{RangeFunction, string|null}|null function and emitter; null when the chart has nothing like it */
    public static function meaning(string $attribute): ?array
    {
        $emitter = array_search($attribute, self::EMITTERS, true);
        if (false !== $emitter) {
            return [RangeFunction::Emitter, $emitter];
        }
        if (1 === preg_match('/^Color(?:Add|RGB)_(\w+)$/', $attribute, $parts)) {
            $names = ['Red' => 'red', 'Green' => 'green', 'Blue' => 'blue'];

            return [RangeFunction::Emitter, $names[$parts[1]] ?? strtolower($parts[1])];
        }
        $function = array_search($attribute, self::WRITTEN, true);
        if (false !== $function) {
            return [RangeFunction::from($function), null];
        }
        foreach (self::READ as $pattern => $name) {
            if (1 === preg_match($pattern, $attribute)) {
                return [RangeFunction::from($name), null];
            }
        }

        return null;
    }

    /** @return list<string> */
    public static function features(string $attribute): array
    {
        return match (true) {
            str_starts_with($attribute, 'Dimmer') => ['Dimmer', 'Dimmer'],
            str_starts_with($attribute, 'Pan'), str_starts_with($attribute, 'Tilt'),
            str_starts_with($attribute, 'Position') => ['Position', 'PanTilt'],
            str_starts_with($attribute, 'Color'), \in_array($attribute, ['CTC', 'Tint'], true) => ['Color', 'Color'],
            str_starts_with($attribute, 'Gobo') => ['Gobo', 'Gobo'],
            str_starts_with($attribute, 'Focus'), \in_array($attribute, ['Zoom', 'Iris'], true) => ['Focus', 'Focus'],
            str_starts_with($attribute, 'Shutter'), str_starts_with($attribute, 'Prism'),
            str_starts_with($attribute, 'Frost') => ['Beam', 'Beam'],
            default => ['Control', 'Control'],
        };
    }
}
