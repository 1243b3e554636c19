<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Lines;

use Rigger\App\Sheet\Draw\Flow;
use Rigger\Core\Line\Cable\CableType;
use Rigger\Core\Rig\Line\Run;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Figure;

/** Each data run in the order of its cable, for who lays it. */
final class RunSheet
{
    public static function on(Flow $flow, Rig $rig): void
    {
        if ([] === $rig->runs) {
            $flow->paragraph('No data run is planned yet.');

            return;
        }
        foreach ($rig->runs as $run) {
            $flow->room(40);
            $flow->heading(\sprintf('%s, from %s', $run->name, self::from($rig, $run)));
            $flow->table([8, 34, 26, 34, 46, 46], ['', 'To', 'Cable', 'Ends', 'Adapters', 'Where it hangs'], self::rows($rig, $run));
            $flow->down(1);
            $flow->paragraph(self::end($run));
            $flow->down(3);
        }
        $flow->down(2);
        $flow->paragraph('Tie cable off at every beam end, and leave a loop at units that turn. Local rules decide.');
    }

    /** @return list<list<string>> */
    private static function rows(Rig $rig, Run $run): array
    {
        $rows = [];
        foreach ($run->items as $place => $item) {
            $length = $rig->cabling()->length($run, $place);
            $pieces = array_map(self::metres(...), $length->pieces());
            $rows[] = [
                '☐',
                null === $item->unitId ? $item->splitter->name ?? '' : $rig->unit($item->unitId)->name,
                ([] === $pieces ? 'length?' : implode(' + ', $pieces).' m')
                    .(CableType::Data === $item->cable->type ? '' : ', '.$item->cable->type->value),
                $item->cable->ends->words(),
                implode('; ', $rig->cabling()->adapters($run, $place)),
                null === $item->unitId ? '' : $rig->unit($item->unitId)->position ?? '',
            ];
        }

        return $rows;
    }

    private static function from(Rig $rig, Run $run): string
    {
        if (null === $run->from) {
            $receiver = $rig->receiverOf($run);

            return null === $receiver ? 'nowhere yet' : 'receiver '.$receiver->label;
        }
        $before = $rig->cabling()->before($run);

        return \sprintf(
            'output %d of %s',
            $run->from->output,
            null === $before ? $rig->desk()->name ?? 'the desk' : $before->splitter()->splitter->name ?? '',
        );
    }

    private static function end(Run $run): string
    {
        $last = $run->last();

        return match (true) {
            null === $last => 'Nothing hangs on it yet.',
            null !== $last->splitter => \sprintf('Ends in %s: no terminator there.', $last->splitter->name),
            $run->isTerminated => \sprintf('Terminator at the end, %s.', $last->ends->intoOutput()),
            default => 'No terminator: the end is open.',
        };
    }

    private static function metres(float $metres): string
    {
        return Figure::short($metres);
    }
}
