<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Cable;

use Rigger\Core\Change\Refused;
use Rigger\Core\Input\InputError;
use Rigger\Core\Line\Cable\Cable;
use Rigger\Core\Line\Cable\CableType;
use Rigger\Core\Line\Cable\Ends;
use Rigger\Core\Rig\Line\Run;
use Rigger\Core\Rig\Line\Van;
use Rigger\Core\Rig\Rig;

/**
 * What somebody types of cables.
 *
 * @internal
 */
final class Typed
{
    public const ENDS = ['3-pin', '5-pin', 'rj45', 'bare'];
    public const ENDS_SAID = 'Ends are 3-pin, 5-pin, rj45 or bare.';
    public const TYPES = ['data', 'microphone', 'network'];
    public const TYPES_SAID = 'Cable is data, microphone or network cable.';

    /**
     * @param string $text "12", "12.5 m", "7,5"; empty, or "plan", follows the stage plan
     *
     * @throws InputError wrong_type, out_of_range
     */
    public static function metres(string $text, string $field): ?float
    {
        $text = strtolower(trim($text));
        if ('' === $text || 'plan' === $text) {
            return null;
        }
        if (1 !== preg_match('/^(-?\d+(?:[.,]\d+)?)\s*(?:m|metres?|meters?)?$/D', $text, $found)) {
            throw InputError::because('wrong_type', $field, 'Type metres, such as 12 or 7.5, or nothing to follow the stage plan.');
        }
        $metres = (float) str_replace(',', '.', $found[1]);
        if ($metres < 0 || $metres > Cable::LONGEST) {
            throw InputError::because('out_of_range', $field, \sprintf('A cable is 0 to %d m long, not %s.', Cable::LONGEST, $found[1]));
        }

        return $metres;
    }

    /**
     * @param string $text "2 3 5 10", "2, 3, 5"
     *
     * @return list<float> ascending, each once
     *
     * @throws InputError wrong_type, out_of_range
     */
    public static function lengths(string $text, string $field): array
    {
        $lengths = [];
        $parts = preg_split('/[\s;]+|,\s+|,(?=\D|$)/', trim($text), -1, \PREG_SPLIT_NO_EMPTY);
        foreach (false === $parts ? [] : $parts as $one) {
            if ('m' === strtolower($one)) {
                continue;
            }
            $metres = self::metres($one, $field);
            if (null === $metres || 0.0 === $metres) {
                throw InputError::because('out_of_range', $field, 'A length of cable is above 0 m.');
            }
            $lengths[(string) $metres] = $metres;
        }
        sort($lengths);
        if (\count($lengths) > Van::MOST_LENGTHS) {
            throw InputError::because('out_of_range', $field, \sprintf('Type at most %d lengths.', Van::MOST_LENGTHS));
        }

        return $lengths;
    }

    public static function ends(?string $word): ?Ends
    {
        return null === $word ? null : Ends::from($word);
    }

    public static function type(?string $word): ?CableType
    {
        return null === $word ? null : CableType::from($word);
    }

    /** A run that something can be put on behind what hangs there: not past a splitter. */
    public static function open(Run $run): Run
    {
        return null === $run->splitter() ? $run : throw Refused::because(
            'after_splitter',
            \sprintf('%s ends in %s: begin another run at one of its outputs.', $run->name, $run->splitter()->splitter->name ?? ''),
        );
    }

    /** "Run 3": the lowest number that no run has. */
    public static function freeName(Rig $rig): string
    {
        $names = array_map(static fn (Run $run): string => mb_strtolower($run->name), $rig->runs);
        $number = 1;
        while (\in_array('run '.$number, $names, true)) {
            ++$number;
        }

        return 'Run '.$number;
    }

    /** "Splitter A": the first letter that no splitter has, then numbers. */
    public static function freeSplitter(Rig $rig): string
    {
        $names = array_map(static fn (Run $run): string => mb_strtolower($run->splitter()->splitter->name ?? ''), $rig->runs);
        for ($nth = 0;; ++$nth) {
            $name = 'Splitter '.($nth < 26 ? \chr(65 + $nth) : $nth + 1);
            if (!\in_array(mb_strtolower($name), $names, true)) {
                return $name;
            }
        }
    }
}
