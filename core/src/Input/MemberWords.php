<?php

declare(strict_types=1);

namespace Rigger\Core\Input;

/**
 * What members are called to an operator: "how many buttons" for `buttons`, "the lower limit" for `curve.min`. The path itself stands in
 * the error's field, for whoever writes documents by hand.
 */
final class MemberWords
{
    private const WORDS = [
        'buttons' => 'how many buttons',
        'stride' => 'channels a button',
        'faders' => 'how many faders',
        'pages' => 'how many pages',
        'banks' => 'how many banks',
        'scenesPerBank' => 'scenes a bank',
        'chases' => 'how many chases',
        'stepsPerChase' => 'steps a chase',
        'first' => 'the first address',
        'fade' => 'the fade times',
        'hold' => 'the hold times',
        'pitch' => 'the distance from fader to fader',
        'buttonPitch' => 'the distance from button to button',
        'scenePitch' => 'the distance from key to key',
        'tapeHeight' => 'the height of the tape',
        'layout' => 'the kind of desk',
        'parts' => 'what sender and receiver are set to',
        'values' => 'what it can be',
        'label' => 'what it is called',
        'sender' => 'the sender',
        'receiver' => 'the receiver',
        'lamps' => 'what the lamp shows',
        'colour' => 'the colour',
        'pattern' => 'the pattern of the lamp',
        'presses' => 'how many presses',
        'within' => 'the seconds from switching on',
        'handsOff' => 'the seconds of hands off',
        'outputs' => 'how many outputs',
        'assign' => 'the presses that assign an output',
        'metres' => 'the metres',
        'lengths' => 'the lengths at hand',
        'slack' => 'how much more cable than the way',
        'ends' => 'the sockets',
        'plugs' => 'the plugs',
        'load' => 'the unit loads',
        'terminated' => 'whether there is a terminator',
        'min' => 'the lower limit',
        'max' => 'the upper limit',
        'bound' => 'how limits are kept',
        'shape' => 'the shape of the curve',
        'points' => 'the points of the curve',
        'from' => 'the first value',
        'to' => 'the last value',
        'start' => 'what the range begins at',
        'end' => 'what the range ends at',
        'count' => 'how many',
        'step' => 'the step',
        'spare' => 'the spare slots',
        'universes' => 'how many universes',
        'together' => 'how many at one address',
        'hex' => 'the colour',
        'hz' => 'flashes a second',
        'bpm' => 'the tempo',
        'offset' => 'the number of the channel',
        'fineOf' => 'the channel that it is the fine byte of',
        'default' => 'the resting value',
        'ranges' => 'the ranges',
        'channels' => 'the channels',
        'modes' => 'the modes',
        'function' => 'what the range does',
        'twinOf' => 'the unit whose twin it is',
        'isLocked' => 'whether it is locked',
        'isOut' => 'whether it is out of action',
        'x' => 'metres right of centre',
        'y' => 'metres upstage of the edge',
        'fromX' => 'where it begins, across',
        'fromY' => 'where it begins, upstage',
        'toX' => 'where it ends, across',
        'toY' => 'where it ends, upstage',
        'base' => 'the version that was seen',
        'do' => 'what to do',
        'shown' => 'what it shows',
    ];

    /** "the lower limit" of "changes[0].curve.min"; "steps per chase" of a name that is not in the list. */
    public static function of(string $field): string
    {
        $last = preg_replace('/\[\d+\]/', '', substr($field, (int) strrpos('.'.$field, '.'))) ?? '';

        return self::WORDS[$last] ?? mb_strtolower(trim((string) preg_replace('/(?<!^)[A-Z]/', ' $0', $last)));
    }
}
