<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Patch;

use Rigger\App\Rig\View\RigView;
use Rigger\App\Rig\View\UnitView;
use Rigger\App\Sheet\Draw\Flow;
use Rigger\App\Sheet\Draw\Page;
use Rigger\App\Sheet\Draw\PaperSize;
use Rigger\App\Sheet\Draw\Type;

/** The patch list, one row a unit. */
final readonly class ListSheet
{
    public function __construct(private Type $type, private PaperSize $paper)
    {
    }

    /**
     * @param list<UnitView> $units in the order in which they stand
     *
     * @return non-empty-list<Page>
     */
    public function of(RigView $rig, array $units, ListOrder $order): array
    {
        $flow = new Flow($this->type, $this->paper, $rig->name, $rig->venue.' · patch list by '.$order->value, true);
        self::on($flow, $units, ToFix::of($rig));

        return $flow->pages();
    }

    /** @param list<UnitView> $units in the order in which they stand */
    public static function on(Flow $flow, array $units, ToFix $toFix): void
    {
        if ([] === $units) {
            $flow->paragraph('Nothing hangs yet.');

            return;
        }
        $wrong = $toFix->count($units);
        if ($wrong > 0) {
            $flow->paragraph(\sprintf(
                '! %s to be put right before anybody sets %s.',
                1 === $wrong ? 'One unit is' : $wrong.' units are',
                1 === $wrong ? 'it' : 'them',
            ));
            $flow->down(1.5);
        }
        $flow->table([36, 13, 50, 38, 44, 92], [
            'Name',
            'No.',
            'Fixture, mode',
            'Address',
            'Where it hangs',
            'To set, and notes',
        ], array_map(static fn (UnitView $unit): array => [
            (null === $toFix->words($unit) ? '' : '! ').$unit->name,
            (string) $unit->number,
            $unit->maker.' '.$unit->model.', '.$unit->modeName,
            \sprintf('%s to %03d', $unit->place, $unit->last),
            $unit->position ?? '',
            self::words($unit, $toFix),
        ], $units));
        $flow->down(2);
        $flow->paragraph('Secondary safety bond on every unit overhead; nobody below while you work. Local rules decide.');
    }

    private static function words(UnitView $unit, ToFix $toFix): string
    {
        return implode('; ', array_filter([
            $toFix->words($unit),
            $unit->isOut ? 'out of action tonight' : null,
            $unit->switches?->sum,
            null === $unit->display ? null : 'shows '.$unit->display,
            $unit->setup,
            null === $unit->linkId ? null : 'receiver on '.($unit->receiver ?? 'nothing yet'),
            null === $unit->pan ? null : 'pan reversed in '.('unit' === $unit->pan ? 'the unit' : 'software'),
            null === $unit->tilt ? null : 'tilt reversed in '.('unit' === $unit->tilt ? 'the unit' : 'software'),
            [] === $unit->curves
                ? null
                : 'curve on '.implode(
                    ', ',
                    array_unique(array_map(
                        static fn ($curve): string => $unit->labels[$curve->channel - 1] ?? (string) $curve->channel,
                        $unit->curves,
                    )),
                ),
            $unit->note,
        ], static fn (?string $part): bool => null !== $part && '' !== $part));
    }
}
