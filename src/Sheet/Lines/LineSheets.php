<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Lines;

use Rigger\App\Sheet\Draw\Flow;
use Rigger\App\Sheet\Draw\Page;
use Rigger\App\Sheet\Draw\PaperSize;
use Rigger\App\Sheet\Draw\Type;
use Rigger\Core\Line\Cable\Ends;
use Rigger\Core\Line\Cable\Pins;
use Rigger\Core\Rig\Line\LoadList;
use Rigger\Core\Rig\Rig;

/** Lines on paper. */
final readonly class LineSheets
{
    public function __construct(private LineSheetKind $kind, private PaperSize $paper)
    {
    }

    /** @return non-empty-list<Page> */
    public function of(Rig $rig): array
    {
        $flow = new Flow(new Type(), $this->paper, $rig->name, $rig->venue.' · '.$this->kind->words());
        match ($this->kind) {
            LineSheetKind::Load => self::load($flow, LoadList::of($rig->runs, $rig->cabling())),
            LineSheetKind::Runs => RunSheet::on($flow, $rig),
            LineSheetKind::Pins => self::pins($flow),
            LineSheetKind::Links => LinkSheet::links($flow, $rig),
            LineSheetKind::Pairing => LinkSheet::pairing($flow, $rig),
            LineSheetKind::Power => PowerSheet::power($flow, $rig),
            LineSheetKind::Wiring => PowerSheet::wiring($flow, $rig),
        };

        return $flow->pages();
    }

    private static function load(Flow $flow, LoadList $list): void
    {
        if ([] === $list->lines) {
            $flow->paragraph('No data run is planned yet.');
        } else {
            $flow->table([8, 92, 20, 20, 20], ['', 'What', 'Needed', 'Spare', 'Loaded'], array_map(
                static fn (array $line): array => ['☐', $line['what'], (string) $line['count'], '+ '.$line['spare'], ''],
                $list->lines,
            ));
        }
        $flow->down(2);
        $flow->paragraph('Spare: one of every ten begun. Joined cables are counted as their pieces.');
        if ($list->unknown > 0) {
            $flow->paragraph(\sprintf(
                '%s no length yet and %s not in this list.',
                1 === $list->unknown ? 'One cable has' : $list->unknown.' cables have',
                1 === $list->unknown ? 'is' : 'are',
            ));
        }
    }

    private static function pins(Flow $flow): void
    {
        $flow->paragraph('By signal. The colour of a wire says nothing: trace it with a meter.');
        foreach (Ends::cases() as $ends) {
            $flow->room(50);
            $flow->heading(ucfirst($ends->words()));
            $flow->table([24, 120], ['Contact', 'Carries'], Pins::of($ends));
            $flow->down(1);
            $flow->paragraph(Pins::note($ends), 8);
        }
    }
}
