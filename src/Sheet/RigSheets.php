<?php

declare(strict_types=1);

namespace Rigger\App\Sheet;

use Rigger\App\Rig\View\DeskView;
use Rigger\App\Rig\View\RigView;
use Rigger\App\Rig\View\StripView;
use Rigger\App\Rig\View\UnreachableView;
use Rigger\App\Sheet\Draw\Flow;
use Rigger\App\Sheet\Draw\Page;
use Rigger\App\Sheet\Draw\PaperSize;
use Rigger\App\Sheet\Draw\Type;
use Rigger\App\Sheet\Patch\ListSheet;
use Rigger\App\Sheet\Patch\ToFix;

/** A rig on paper: patch list, fader map, programming steps. A4, black on white. */
final class RigSheets
{
    /** @return non-empty-list<Page> */
    public static function of(RigView $rig): array
    {
        $flow = new Flow(new Type(), PaperSize::A4, $rig->name, $rig->venue.(null === $rig->desk ? '' : ' · '.$rig->desk->name));
        $flow->section('Patch list');
        ListSheet::on($flow, $rig->units, ToFix::of($rig));
        self::faders($flow, $rig);
        self::looks($flow, $rig);

        return $flow->pages();
    }

    private static function faders(Flow $flow, RigView $rig): void
    {
        $flow->section('Fader map');
        $desk = $rig->desk;
        if (null === $desk) {
            $flow->paragraph('No desk is chosen.');

            return;
        }
        $rows = [];
        foreach ($desk->strips as $strip) {
            if ([] !== $strip->units) {
                $rows[] = [
                    null === $strip->button ? '' : (string) $strip->button,
                    self::fader($desk, $strip),
                    \sprintf('%03d', $strip->address),
                    implode(', ', array_unique(array_map(static fn ($use): string => $use->name.' '.$use->label, $strip->units))),
                    self::ranges($strip),
                ];
            }
        }
        $flow->table([16, 16, 16, 58, 80], ['zones' === $desk->layout ? 'Zone' : 'Button', 'Fader', 'Address', 'Moves', 'Ranges'], $rows);
    }

    private static function ranges(StripView $strip): string
    {
        return implode(', ', array_map(static fn ($range): string => $range->from.'–'.$range->to.' '.$range->label, $strip->ranges));
    }

    private static function looks(Flow $flow, RigView $rig): void
    {
        $flow->section('Programming steps');
        if ([] === $rig->looks) {
            $flow->paragraph('No look is recorded.');
        }
        foreach ($rig->looks as $look) {
            $flow->recipe(
                implode(': ', array_filter([$look->where, $look->name], static fn (string $part): bool => '' !== $part)),
                null === $look->problem ? $look->lines : [],
                array_values(array_filter([
                    $look->problem,
                    [] === $look->unreachable ? null : 'No fader reaches '.implode(
                        ', ',
                        array_map(
                            static fn (UnreachableView $channel): string => $channel->unit.' '.$channel->label.' at '.$channel->value,
                            $look->unreachable,
                        ),
                    ).'.',
                ], is_string(...))),
            );
        }
    }

    /** "A3" on page A; "2/3" on a page that is called by a number, "inner 3" by a word. */
    private static function fader(DeskView $desk, StripView $strip): string
    {
        $page = \count($desk->pageNames) > 1 ? $desk->pageNames[$strip->page - 1] ?? '' : '';

        return $page.match (true) {
            mb_strlen($page) > 2 => ' ',
            1 === preg_match('/\d$/', $page) => '/',
            default => '',
        }.$strip->fader;
    }
}
