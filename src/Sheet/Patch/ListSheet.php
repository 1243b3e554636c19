<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Patch;

use Rigger\App\Rig\View\FixtureView;
use Rigger\App\Rig\View\RigView;
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
     * @param list<FixtureView> $fixtures in the order in which they stand
     *
     * @return non-empty-list<Page>
     */
    public function of(RigView $rig, array $fixtures, ListOrder $order): array
    {
        $flow = new Flow($this->type, $this->paper, $rig->name, $rig->venue.' · patch list by '.$order->value, true);
        self::on($flow, $fixtures);

        return $flow->pages();
    }

    /** @param list<FixtureView> $fixtures in the order in which they stand */
    public static function on(Flow $flow, array $fixtures): void
    {
        if ([] === $fixtures) {
            $flow->paragraph('Nothing hangs yet.');

            return;
        }
        $flow->table([36, 13, 50, 38, 44, 92], [
            'Name',
            'No.',
            'Fixture, mode',
            'Address',
            'Where it hangs',
            'To set, and notes',
        ], array_map(static fn (FixtureView $one): array => [
            $one->name,
            (string) $one->number,
            $one->maker.' '.$one->model.', '.$one->modeName,
            \sprintf('%d.%03d to %03d', $one->universe, $one->address, $one->last),
            $one->position ?? '',
            self::words($one),
        ], $fixtures));
        $flow->down(2);
        $flow->paragraph('Secondary safety bond on every unit overhead; nobody below while you work. Local rules decide.');
    }

    private static function words(FixtureView $one): string
    {
        return implode('; ', array_filter([
            $one->switches?->sum,
            null === $one->display ? null : 'shows '.$one->display,
            $one->setup,
            null === $one->linkId ? null : 'receiver on '.($one->receiver ?? 'nothing yet'),
            null === $one->pan ? null : 'pan reversed in '.('unit' === $one->pan ? 'the unit' : 'software'),
            null === $one->tilt ? null : 'tilt reversed in '.('unit' === $one->tilt ? 'the unit' : 'software'),
            [] === $one->curves
                ? null
                : 'curve on '.implode(
                    ', ',
                    array_unique(array_map(
                        static fn ($curve): string => $one->labels[$curve->channel - 1] ?? (string) $curve->channel,
                        $one->curves,
                    )),
                ),
            $one->note,
        ], static fn (?string $part): bool => null !== $part && '' !== $part));
    }
}
