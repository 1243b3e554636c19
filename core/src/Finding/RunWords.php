<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Line\Cable\RunFault;
use Rigger\Core\Severity;

/** What is wrong with a data run, as a sentence. */
final class RunWords
{
    /** @param string $run what the run is called */
    public static function of(RunFault $fault, string $run): string
    {
        $figure = static fn (string $name): string => self::short((float) ($fault->figures[$name] ?? 0));

        return match ($fault->code) {
            'too_many' => \sprintf(
                '%s carries %s unit loads; one output drives %s. Put a splitter in.',
                $run,
                $figure('load'),
                $figure('limit'),
            ),
            'long' => \sprintf('%s is %s m long; up to %s m is sure. Put a splitter in.', $run, $figure('metres'), $figure('limit')),
            'no_terminator' => \sprintf('%s ends without a terminator: data is thrown back from the open end, and units flicker.', $run),
            'microphone_cable' => Severity::Warning === $fault->severity
                ? \sprintf(
                    '%s has %s m of microphone cable: more than %s m in all often works and then not. Swap it for data cable.',
                    $run,
                    $figure('metres'),
                    $figure('limit'),
                )
                : \sprintf('%s has %s m of microphone cable: as short as that it mostly works.', $run, $figure('metres')),
            'adapters' => \sprintf('%s has %s cables with adapters: each is one more plug that can come loose.', $run, $figure('count')),
            default => \sprintf(
                '%s goes on for %s more after a splitter: a splitter ends a run, and its outputs begin new ones.',
                $run,
                $figure('count'),
            ),
        };
    }

    private static function short(float $number): string
    {
        return rtrim(rtrim(number_format($number, 1, '.', ''), '0'), '.');
    }
}
