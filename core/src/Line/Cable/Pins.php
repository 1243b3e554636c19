<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Cable;

/**
 * Which contact carries what, by signal: the colour of a wire says nothing.
 *
 * 5-pin by ANSI E1.11, RJ45 by ANSI E1.27-2; 3-pin is the trade's habit, which the standard does not know.
 */
final class Pins
{
    /** @return list<array{string, string}> contact and signal */
    public static function of(Ends $ends): array
    {
        return match ($ends) {
            Ends::Three => [['1', 'common (screen)'], ['2', 'data −'], ['3', 'data +']],
            Ends::Five => [
                ['1', 'common (screen)'],
                ['2', 'data −'],
                ['3', 'data +'],
                ['4', 'second data −, mostly unused'],
                ['5', 'second data +, mostly unused'],
            ],
            Ends::Network => [
                ['1', 'data +'],
                ['2', 'data −'],
                ['3', 'second data +, mostly unused'],
                ['6', 'second data −, mostly unused'],
                ['4, 5', 'nothing: some devices put power here'],
                ['7', 'common'],
                ['8', 'common of the second data'],
            ],
            Ends::Bare => [['screen', 'common, to the terminal called C, GND or ⏚'], ['one wire', 'data −'], ['its twin', 'data +']],
        };
    }

    /** What to know before soldering or screwing it. */
    public static function note(Ends $ends): string
    {
        return match ($ends) {
            Ends::Three => 'Some older devices have 2 and 3 the other way round: then nothing responds. Swap them at one end.',
            Ends::Five => 'The pins of one number belong together from end to end; the shell is no common.',
            Ends::Network => 'The pairs are 1 with 2, and 3 with 6. Never plug it into a computer\'s network or a telephone.',
            Ends::Bare => 'Both data wires belong to one twisted pair. Trace them by a meter from the plug, never by colour.',
        };
    }
}
