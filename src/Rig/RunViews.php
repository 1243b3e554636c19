<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Rig\View\RunItemView;
use Rigger\App\Rig\View\RunsChangeView;
use Rigger\App\Rig\View\RunView;
use Rigger\App\Rig\View\SpotView;
use Rigger\App\Rig\View\VanView;
use Rigger\Core\Input\Json;
use Rigger\Core\Position\Spot;
use Rigger\Core\Rig\Line\Run;
use Rigger\Core\Rig\Rig;

/** Data runs to what the interface shows of them. */
final class RunViews
{
    /** @return list<RunView> */
    public static function of(Rig $rig): array
    {
        return array_map(static fn (Run $run): RunView => self::run($rig, $run), array_values($rig->runs));
    }

    public static function van(Rig $rig): VanView
    {
        return new VanView($rig->van->lengths, $rig->van->slack, $rig->van->spare, self::spot($rig->van->desk));
    }

    public static function changed(Rig $before, Rig $after): RunsChangeView
    {
        if ([] === $before->runs && [] === $after->runs) {
            return new RunsChangeView([], [], []);
        }
        // Lengths follow the plan, words the desk: what is shown is compared, not what it is made of.
        $was = array_column(self::of($before), null, 'id');
        $is = array_column(self::of($after), null, 'id');
        $delta = Delta::of(array_keys($was), array_keys($is), static fn (string $id): bool => !isset($was[$id])
            || Json::encode($was[$id]) !== Json::encode($is[$id]));

        return new RunsChangeView(
            $delta->gone,
            array_keys($delta->put),
            array_map(static fn (string $id): RunView => $is[$id], array_values($delta->put)),
        );
    }

    private static function run(Rig $rig, Run $run): RunView
    {
        $checked = $rig->cabling()->checked($run);
        $items = array_map(static fn (int $place): RunItemView => self::item($rig, $run, $place), array_keys($run->items));

        return new RunView(
            $run->id,
            $run->name,
            match (true) {
                null === $run->from => 'nowhere',
                null === $run->from->splitterId => 'desk',
                default => 'splitter',
            },
            $run->from?->splitterId,
            $run->from?->output,
            self::from($rig, $run),
            $rig->cabling()->universe($run),
            $run->ends->value,
            $run->isTerminated,
            match (true) {
                null === $run->last() => '',
                null !== $run->splitter() => 'splitter',
                default => $run->isTerminated ? 'terminator' : 'open',
            },
            $checked->load(),
            round($checked->metres(), 2),
            \count(array_filter($items, static fn (RunItemView $item): bool => null === $item->metres)),
            $items,
        );
    }

    private static function item(Rig $rig, Run $run, int $place): RunItemView
    {
        $item = $run->items[$place];
        $length = $rig->cabling()->length($run, $place);
        $metres = $length->metres();

        return new RunItemView(
            $item->id,
            $item->unitId,
            $item->splitter?->name,
            $item->splitter?->outputs,
            self::spot($item->splitter?->spot),
            null === $metres ? null : round($metres, 2),
            null !== $length->said,
            null === $length->needed ? null : round($length->needed, 2),
            $length->pieces(),
            $item->cable->type->value,
            $item->cable->ends->value,
            $item->ends->value,
            $item->load,
            $rig->cabling()->adapters($run, $place),
        );
    }

    private static function from(Rig $rig, Run $run): string
    {
        if (null === $run->from) {
            $receiver = $rig->receiverOf($run);

            return null === $receiver ? 'plugged in nowhere' : 'receiver '.$receiver->label;
        }
        $before = $rig->cabling()->before($run);

        return \sprintf(
            '%s, output %d',
            null === $before ? $rig->desk()->name ?? 'Desk' : $before->splitter()->splitter->name ?? '',
            $run->from->output,
        );
    }

    private static function spot(?Spot $spot): ?SpotView
    {
        return null === $spot ? null : new SpotView($spot->x, $spot->y, $spot->height, $spot->words());
    }
}
