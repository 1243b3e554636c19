<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** Which subject a channel's name, or a range's text, speaks of. */
final class Vocabulary
{
    /** In this order: the first that fits is meant, so the narrower ones stand first. */
    private const PATTERNS = [
        [
            'Unused',
            '/^(?:n\/?a|n\.a|no ?function|no ?effect|no ?action|not (?:used|assigned|in use|available|active)|unused'
                .'|without function|no ?use|nothing|reserved|idle|empty|blank|none|dummy|spare|inactive|void|invalid|disabled'
                .'|function off|no change|neutral|non|manual(?: control| mode)?)$/',
        ],
        [
            'Tint',
            '/\btint\b|\bduv\b|\bgreen\s*[\/<>-]+\s*magenta\b|\bmagenta\s*[\/<>-]+\s*green\b|\bg\/m\b|\bplus[- ]minus green\b'
                .'|\+\/?- ?green/',
        ],
        [
            'Foreign',
            '/\bdimmer (?:curves?|speed|time|response|mode|delay|fade|profile|smooth\w*)\b|\b(?:curve|response|gamma)\b'
                .'|\bfade time\b|\bblack ?out (?:while|during|when|on|by|at|with|in)\b|\b(?:movement )?black ?out (?:movement|pan'
                .'|tilt)|\bdisplay\b|\bmovement in black\b|\binvert|\b(?:pwm|refresh|frequency)\b|\bfan (?:mode|auto|control mode)'
                .'|\b(?:hibernat\w*|stand ?by|key ?lock|calibrat\w* off)\b|\bid (?:number|select)|\b(?:shortcut|quick path)\b|\b(?:pan'
                .'|tilt|pan\/tilt) (?:invert|reverse)|\b(?:linear|square law|s-curve|halogen|tungsten) (?:mode|emulation)|^(?:halogen'
                .'|tungsten)$|\b(?:enable|disable)\b|\bmagenta$|^yellow$/',
        ],
        ['Sound', '/\b(?:sound|mic(?:rophone)?|audio|music)\b.*\b(?:sensitivity|gain|level|threshold)\b|\bsensitivity\b/'],
        ['Reset', '/\b(?:reset|re-?start|re-?calibrat\w*|calibrat\w*|re-?home|homing|initiali[sz]\w*|reboot)\b/'],
        ['Program', '/\b(?:sound|music|audio|voice)\b/'],
        [
            'MoveTime',
            '/(?:\b(?:pan|tilt|p\/t|pt|x\/?y|xy|movement|head|position|vector|axis)\b.*\b(?:speed|time|velocity|duration)\b)'
                .'|\bspeed\b.*\b(?:pan|tilt|p\/t|x\/?y|xy|movement|head|position)\b|\bmotor speed of (?:pan|tilt)/',
        ],
        [
            'PanSpin',
            '/\b(?:pan|x-?axis)\b.*\b(?:rotation|spin\w*|continuous|endless|infinite|unlimited|cw|ccw)\b|\b(?:rotation|spin'
                .'|continuous|endless|infinite)\b.*\bpan\b/',
        ],
        [
            'TiltSpin',
            '/\b(?:tilt|y-?axis)\b.*\b(?:rotation|spin\w*|continuous|endless|infinite|unlimited|cw|ccw)\b|\b(?:rotation|spin'
                .'|continuous|endless|infinite)\b.*\btilt\b/',
        ],
        [
            'GoboSpin',
            '/\bgobos?\b.*\b(?:rotation|spin\w*|index\w*|speed|scroll\w*|turn\w*|cw|ccw)\b|\b(?:rotation|spin|index) (?:of )?gobo'
                .'|^r-?gobo$/',
        ],
        ['Prism', '/\bprisms?\b|\bfacets?\b/'],
        ['Gobo', '/\bgobos?\b|\bpatterns?\b(?!.*\bprogram)/'],
        ['Focus', '/\bfocus\w*\b/'],
        ['Zoom', '/\bzoom\w*\b|\bbeam (?:angle|size|width)\b/'],
        ['Iris', '/\biris\b/'],
        ['Frost', '/\b(?:frost|diffus\w*|soft edge)\b/'],
        [
            'WhitePoint',
            '/\bcolour temperature\b|\b(?:cct|cto|ctb|ctc|kelvin)\b|\bwhite (?:balance|point|temperature)\b|\bwarm\b.*\b(?:to|-|\/'
                .'|->)\s*(?:cool|cold)\b|\b(?:cool|cold)\b.*\b(?:to|-|\/|->)\s*warm\b|\bvariable white\b|\btun(?:e?able) white\b/',
        ],
        ['WheelSpin', '/\b(?:colour wheel|colour|wheel)\b.*\b(?:rotation|spin\w*|scroll\w*)\b/'],
        ['Wheel', '/\bcolour ?wheel\b|^wheel\b|\bcolour disc\b/'],
        [
            'ProgramSpeed',
            '/\b(?:program|macro|auto(?:matic)?|effect|chase|show|scene|run(?:ning)?|built-?in|change|changing|step|jump|sequence'
                .'|pattern|prog)\b.*\b(?:speed|rate|tempo|time|fade)\b|\bspeed\b.*\b(?:program|macro|auto|effect|chase|show|scene)\b'
                .'|\bspeed control\b/',
        ],
        [
            'Preset',
            '/\bcolour (?:macro|preset|mix\w*|select\w*|choice|library|combination|call|chip|gel|filter|table|swatch)|\b(?:static'
                .'|fixed|built-?in|preset|solid|virtual|pre-?mixed|macro) colour|\bpresets?\b|\bcolour macro/',
        ],
        ['Output', '/\b(?:haze|hazer|fog|smoke|mist|pump|blower|fans?|water|bubbles?|snow|flame|volume|flow|foam|jet)\b|^output$/'],
        ['Shutter', '/\b(?:shutter|shut|strobe|flash\w*|puls(?:e|es|ing|ation)|lightning|blinder effect)\b/'],
        [
            'Program',
            '/\b(?:program|macro|auto(?:matic|mated|run)?|effect|chas(?:e|er|es|ing)|rainbow|shows?|scenes?|self|demo|built-?in'
                .'|stand-?alone|sequences?|dream|pulse effect|colour (?:jump|change|changing|fade|cycle|chase|gradient|flow|snap)\w*'
                .'|(?:jump|fade|gradual|snap|cross-?fade|running|flowing)(?:ing)? ?(?:change|changing|colour)?)\b/',
        ],
        ['Emitter', null],
        ['Pan', '/\bpan\b|\bx[- ]?axis\b|^x$|\bhorizontal\b|\baxis x\b|\bposition x\b/'],
        ['Tilt', '/\btilt\b|\by[- ]?axis\b|^y$|\bvertical\b|\baxis y\b|\bposition y\b/'],
        ['Colour', '/\bcolour\b/'],
        [
            'Intensity',
            '/\b(?:dimmer|intensity|brightness|luminance|luminosity|master|grand ?master|light level|level)\b|^(?:int|bri|lamp'
                .'|light)$|\bdark to\b|\bto (?:full|bright)\b/',
        ],
        ['Turn', '/\b(?:motor|rotation|spin\w*|turn\w*|mirror|drum|barrel|revolv\w*|cw|ccw|ball)\b/'],
        ['Speed', '/\b(?:speed|tempo|rate)\b/'],
        ['Control', '/\b(?:control|function|settings?|special|lamp|mode|select\w*|maintenance|service)\b/'],
    ];

    public static function subjectOf(string $text): Subject
    {
        $normal = Words::bare($text);
        if ('' === $normal) {
            $normal = Words::normal($text);
        }
        if ('' === $normal) {
            return Subject::Unknown;
        }
        foreach (self::PATTERNS as [$subject, $pattern]) {
            $fits = null === $pattern ? null !== EmitterWords::keyOf($text) : 1 === preg_match($pattern, $normal);
            if ($fits) {
                return \constant(Subject::class.'::'.$subject);
            }
        }

        return Subject::Unknown;
    }

    /** Whether the name says that this is a low byte ("Pan fine", "Tilt LSB", "Dimmer 16 bit"). */
    public static function isFine(string $label): bool
    {
        return 1 === preg_match('/\b(?:fine|lsb|low(?:er)? byte|lo byte)\b|\b16[- ]?bits?\b|\bultra ?fine\b/i', $label)
            && 1 !== preg_match('/\b(?:coarse|msb|8[- ]?bits?)\b(?!.*\b(?:fine|lsb)\b)/i', $label);
    }

    /** The name without what says coarse or fine, to tie both together. */
    public static function axis(string $label): string
    {
        $plain = preg_replace(
            '/\b(?:ultra ?fine|fine|lsb|msb|coarse|low(?:er)? byte|lo byte|high(?:er)? byte|hi byte|(?:8|16)[- ]?bits?'
                .'|adjust(?:ment)?|control(?:led)?|position(?:ing)?|movement|mov\.?|channel|rough)\b/i',
            ' ',
            $label,
        ) ?? $label;

        return Words::normal(trim(preg_replace('/[\s()\[\]\/,-]+/', ' ', $plain) ?? $plain));
    }
}
