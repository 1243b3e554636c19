<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Cable;

use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Line\Cable\Ends;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Line\Piece;
use Rigger\Core\Rig\Line\Run;
use Rigger\Core\Rig\Line\RunItem;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/**
 * Units put on runs: each hangs on one at most, so it leaves where it hung.
 *
 * @internal
 */
final class Hung
{
    /**
     * @param list<string> $unitIds in the order of the cable
     * @param int|null     $at      place from 0 before which they come; null for the end
     */
    public static function on(Rig $rig, Run $run, array $unitIds, ?int $at, World $world): Rig
    {
        $before = null === $at ? null : $run->items[$at]->id ?? null;
        $items = [];
        foreach (array_unique($unitIds) as $id) {
            $unit = $rig->unit($id);
            $items[] = self::item($rig, $unit, $world);
            $was = $rig->cabling()->runOf($id);
            if (null !== $was) {
                $rig = $rig->withRuns($was->keeping(static fn (RunItem $item): bool => $item->unitId !== $id));
            }
            // Beside one of those that come is where that one stood.
            $before = null !== $before && null === $rig->run($run->id)->placeOf($before) ? self::next($run, $before, $unitIds) : $before;
        }
        $run = $rig->run($run->id);
        $place = null === $before ? \count($run->items) : $run->placeOf($before) ?? \count($run->items);
        $all = $run->items;
        array_splice($all, $place, 0, $items);
        if (\count($all) > Limits::ON_A_RUN) {
            throw InputError::because('out_of_range', 'units', \sprintf('At most %d hang on a run.', Limits::ON_A_RUN));
        }

        return $rig->withRuns($run->with($all));
    }

    /** With the sockets that it had, else those of others of its type. How long its cable is, is another question on another run. */
    private static function item(Rig $rig, Unit $unit, World $world): RunItem
    {
        $was = $rig->cabling()->runOf($unit->id);
        foreach ($was->items ?? [] as $item) {
            if ($item->unitId === $unit->id) {
                return $item->cabledBy(new Piece(null, $item->cable->type, $item->cable->ends));
            }
        }
        $ends = self::endsOf($rig, $unit);

        return RunItem::unit($world->newId(), $unit->id, new Piece(ends: $ends), $ends);
    }

    private static function endsOf(Rig $rig, Unit $unit): Ends
    {
        foreach ($rig->runs as $run) {
            foreach ($run->items as $item) {
                if (null !== $item->unitId && $rig->unit($item->unitId)->revision()->typeId === $unit->revision()->typeId) {
                    return $item->ends;
                }
            }
        }

        return Ends::Three;
    }

    /**
     * The first behind an item that is not among those that are put.
     *
     * @param list<string> $unitIds
     */
    private static function next(Run $run, string $itemId, array $unitIds): ?string
    {
        foreach (\array_slice($run->items, (int) $run->placeOf($itemId) + 1) as $item) {
            if (!\in_array($item->unitId, $unitIds, true)) {
                return $item->id;
            }
        }

        return null;
    }
}
