<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Line\Cable\RunFault;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Severity;
use Rigger\Core\Text\Figure;
use Rigger\Core\Text\Names;

/** What is wrong with a data run, as a sentence. */
final class RunWords
{
    /** @param string $run what the run is called */
    public static function of(RunFault $fault, string $run): string
    {
        return self::fault($fault->code, $fault->severity, $fault->figures, $run);
    }

    public static function title(Finding $finding, Rig $rig): string
    {
        $run = $finding->word('run');

        return match ($finding->code) {
            'too_many' => \sprintf('Too much on %s', $run),
            'long' => \sprintf('%s is long', $run),
            'no_terminator' => \sprintf('%s has an open end', $run),
            'microphone_cable' => \sprintf('Microphone cable on %s', $run),
            'adapters' => \sprintf('Many adapters on %s', $run),
            'length_unknown' => \sprintf('Lengths of %s', $run),
            'not_plugged_in' => \sprintf('%s is plugged in nowhere', $run),
            'outlet_twice' => 'Two runs at one output',
            'other_universe_on_run' => \sprintf('%s carries another universe', $run),
            'on_no_run' => 1 === $finding->whole('count') ? self::names($finding, $rig).' is on no run' : 'Units on no run',
            'cable_and_radio' => \sprintf('%s has two leads', self::names($finding, $rig)),
            default => 'Cable order is not address order',
        };
    }

    public static function message(Finding $finding, Rig $rig): string
    {
        $run = $finding->word('run');
        $names = self::names($finding, $rig);
        $count = $finding->whole('count');

        return match ($finding->code) {
            'length_unknown' => \sprintf(
                '%s of %s no length yet: type it, or put both ends on the stage plan.',
                $count === $finding->whole('of') ? 'The cables' : \sprintf('%d of %d cables', $count, $finding->whole('of')),
                $run.(1 === $count && 1 !== $finding->whole('of') ? ' has' : ' have'),
            ),
            'not_plugged_in' => \sprintf('%s begins at no output, so nothing on it hears the desk.', $run),
            'outlet_twice' => \sprintf(
                '%s and %s both begin at output %d: data is never split by a Y lead, it takes a splitter.',
                $finding->word('first'),
                $run,
                $finding->whole('output'),
            ),
            'other_universe_on_run' => \sprintf(
                '%s %s to universe %d, and %s carries universe %d.',
                $names,
                1 === \count($finding->units) ? 'listens' : 'listen',
                $finding->whole('listens'),
                $run,
                $finding->whole('carries'),
            ),
            'on_no_run' => \sprintf('No cable leads to %s yet.', $names),
            'cable_and_radio' => \sprintf(
                '%s hangs on %s and listens to %s too: whichever speaks last wins.',
                $names,
                $run,
                $rig->link($finding->linkId ?? '')->label,
            ),
            'cable_order' => \sprintf(
                '%s goes from unit to unit in another order than their addresses. That is no fault: data passes every unit, '
                    .'and each takes its own slots.',
                1 === $count ? $run : \sprintf('Cable on %d runs', $count),
            ),
            default => self::fault($finding->code, $finding->severity, $finding->figures, $run),
        };
    }

    /** @param array<string, mixed> $figures */
    private static function fault(string $code, Severity $severity, array $figures, string $run): string
    {
        $figure = static fn (string $name): string => self::short($figures[$name] ?? 0);

        return match ($code) {
            'too_many' => \sprintf(
                '%s carries %s unit loads; one output drives %s. Put a splitter in.',
                $run,
                $figure('load'),
                $figure('limit'),
            ),
            'long' => \sprintf('%s is %s m long; up to %s m is sure. Put a splitter in.', $run, $figure('metres'), $figure('limit')),
            'no_terminator' => \sprintf(
                '%s ends without a terminator: data is thrown back from the open end, and units flicker.',
                $run,
            ),
            'microphone_cable' => Severity::Caution === $severity
                ? \sprintf('%s has %s m of microphone cable: as short as that it mostly works.', $run, $figure('metres'))
                : \sprintf(
                    '%s has %s m of microphone cable: more than %s m in all often works and then not. Swap it for data cable.',
                    $run,
                    $figure('metres'),
                    $figure('limit'),
                ),
            'adapters' => \sprintf('%s has %s cables with adapters: each is one more plug that can come loose.', $run, $figure('count')),
            default => \sprintf(
                '%s goes on for %s more after a splitter: a splitter ends a run, and its outputs begin new ones.',
                $run,
                $figure('count'),
            ),
        };
    }

    private static function names(Finding $finding, Rig $rig): string
    {
        return Names::few(array_map(static fn (string $id): string => $rig->unit($id)->name, $finding->units));
    }

    private static function short(mixed $number): string
    {
        return Figure::short(\is_int($number) || \is_float($number) ? $number : 0, 1);
    }
}
