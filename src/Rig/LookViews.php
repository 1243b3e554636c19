<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Rig\View\CellView;
use Rigger\App\Rig\View\IntentView;
use Rigger\App\Rig\View\LookView;
use Rigger\App\Rig\View\UnreachableView;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Desk\DeskProgram;
use Rigger\Core\Desk\StoreLines;
use Rigger\Core\Input\InputError;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Rig;

/** A look as the interface shows it, with how to store it on the real desk. */
final class LookViews
{
    public static function of(Rig $rig, Look $look): LookView
    {
        [$program, $problem] = self::program($rig, $look);
        $desk = $rig->desk();

        return new LookView(
            $look->id,
            $look->name,
            $look->bank,
            $look->number,
            null === $desk ? '' : StoreLines::place($desk, $look->bank, $look->number),
            self::cells($rig, $look),
            array_map(static function (array $row) use ($rig): UnreachableView {
                $unit = $rig->unit($row['fixture']);

                return new UnreachableView(
                    $unit->id,
                    $unit->name,
                    $row['channel'],
                    $unit->labels()[$row['channel'] - 1],
                    $row['value'],
                );
            }, $program->unreachable ?? []),
            null === $program || null === $desk
                ? []
                : StoreLines::of($desk, $look->name, $look->bank, $look->number, self::named($rig, $desk, $program->steps)),
            $problem,
            $look->made?->value,
        );
    }

    /**
     * Where no button says whose faders these are, each says it itself: "3 Spin L Dimmer at 118".
     *
     * @param list<array{button: int|null, page: int, fader: int, value: int, label: string}> $steps
     *
     * @return list<array{button: int|null, page: int, fader: int, value: int, label: string}>
     */
    private static function named(Rig $rig, Desk $desk, array $steps): array
    {
        if ($desk->layout->hasButtons()) {
            return $steps;
        }
        $names = $rig->namesOnFaders();

        return array_map(static fn (array $step): array => [
            'label' => trim(($names[$step['page'].'/'.$step['fader']] ?? '').' '.$step['label']),
        ] + $step, $steps);
    }

    /** @return list<CellView> in the order of the patch list */
    private static function cells(Rig $rig, Look $look): array
    {
        $cells = [];
        foreach ($rig->units as $id => $unit) {
            if (isset($look->values[$id])) {
                $intent = $look->intents[$id] ?? null;
                $cells[] = new CellView($id, $look->values[$id], null === $intent ? null : IntentView::of($intent));
            }
        }

        return $cells;
    }

    /** @return array{DeskProgram|null, string|null} */
    private static function program(Rig $rig, Look $look): array
    {
        $desk = $rig->desk();
        if (null === $desk) {
            return [null, 'Choose a desk to read the steps.'];
        }
        try {
            return [
                DeskProgram::of($desk, $rig->deskUnits(), $look->values, static fn (string $id): string => $rig->unit($id)->name),
                null,
            ];
        } catch (InputError $error) {
            return [null, $error->getMessage()];
        }
    }
}
