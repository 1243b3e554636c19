<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Figure;
use Rigger\Core\Text\Names;

/** @internal */
final class PowerWords
{
    public const CODES = [
        'circuit_over', 'circuit_near', 'watts_unknown', 'no_circuit', 'pack_over', 'socket_over', 'battery_short', 'wire_drop',
        'wire_fuse',
    ];

    public static function title(Finding $finding, Rig $rig): string
    {
        $names = self::names($finding, $rig);

        return match ($finding->code) {
            'circuit_over' => \sprintf('Too much on %s', $finding->word('circuit')),
            'circuit_near' => \sprintf('%s is nearly full', $finding->word('circuit')),
            'watts_unknown' => \sprintf('Watts on %s', $finding->word('circuit')),
            'no_circuit' => 1 === $finding->whole('count') ? $names.' is plugged in nowhere' : 'Units plugged in nowhere',
            'pack_over' => \sprintf('Too much on %s', $names),
            'socket_over' => \sprintf('Too much on %s of %s', $finding->word('socket'), $names),
            'battery_short' => \sprintf('Battery of %s', $names),
            'wire_drop' => \sprintf('Wire to the tape of %s', $names),
            default => \sprintf('Fuse for the tape of %s', $names),
        };
    }

    public static function message(Finding $finding, Rig $rig): string
    {
        $names = self::names($finding, $rig);
        $number = static fn (string $figure): string => Figure::short($finding->number($figure));

        return match ($finding->code) {
            'circuit_over', 'circuit_near' => self::circuit($finding),
            'watts_unknown' => \sprintf('Nobody has said what %s takes: type it from the plate.', $names),
            'no_circuit' => \sprintf('%s %s plugged into no circuit and %s no battery.', $names, ...(1 === $finding->whole('count')
                ? ['is', 'has']
                : ['are', 'have'])),
            'pack_over' => \sprintf(
                '%s W on its sockets take %s A, and %s stands %s A in all.',
                $number('watts'),
                $number('amps'),
                $names,
                $number('limit'),
            ),
            'socket_over' => \sprintf(
                '%s W take %s A, and a socket of %s stands %s A.',
                $number('watts'),
                $number('amps'),
                $names,
                $number('limit'),
            ),
            'battery_short' => \sprintf(
                '%s Ah last %s h %s; %s h are to be lit%s. %s Ah would do.',
                $number('ampHours'),
                $number('hours'),
                true === ($finding->figures['byLooks'] ?? null) ? 'as the looks have it' : 'with everything up',
                $number('burning'),
                'short' === $finding->word('verdict')
                    ? ''
                    : \sprintf(', and %s %% are to be left', Figure::short($finding->number('reserve') * 100)),
                $number('enough'),
            ),
            'wire_drop' => \sprintf(
                '%s A over %s m of %s mm² lose %s V of %s, %s %%: the far end is dimmer and redder.',
                $number('amps'),
                $number('metres'),
                $number('mm2'),
                $number('drop'),
                $number('volts'),
                $number('percent'),
            ),
            default => 0.0 === $finding->number('fuse')
                ? \sprintf('%s A are more than a blade fuse is made for: divide the tape.', $number('amps'))
                : \sprintf(
                    '%s A want a fuse of %s A, and wire of %s mm² is protected by %s A at most.',
                    $number('amps'),
                    $number('fuse'),
                    $number('mm2'),
                    $number('most'),
                ),
        };
    }

    private static function circuit(Finding $finding): string
    {
        $number = static fn (string $figure): string => Figure::short($finding->number($figure));
        $limit = true === ($finding->figures['breaker'] ?? true)
            ? \sprintf('%s A of its %s A may flow for hours', $number('limit'), $number('rating'))
            : \sprintf('it stands %s A', $number('limit'));
        $all = \sprintf('%s W with everything up take %s A, and %s.', $number('watts'), $number('amps'), $limit);
        if (!isset($finding->figures['look'])) {
            return $all;
        }

        return $all.\sprintf(' In %s, its brightest look, it is %s A.', $finding->word('look'), $number('lookAmps'));
    }

    private static function names(Finding $finding, Rig $rig): string
    {
        return Names::few(array_map(static fn (string $id): string => $rig->unit($id)->name, $finding->units));
    }
}
