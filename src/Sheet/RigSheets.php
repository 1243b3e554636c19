<?php

declare(strict_types=1);

namespace Rigger\App\Sheet;

use Rigger\App\Rig\View\DeskView;
use Rigger\App\Rig\View\FixtureView;
use Rigger\App\Rig\View\RigView;
use Rigger\App\Rig\View\StripView;
use Rigger\App\Rig\View\UnreachableView;

/** A rig on paper: patch list, fader map, programming steps. A4, black on white. */
final class RigSheets
{
    /** @return string the PDF */
    public static function of(RigView $rig): string
    {
        $paper = new Paper($rig->name, $rig->venue.(null === $rig->desk ? '' : ' · '.$rig->desk->name));
        self::patch($paper, $rig);
        self::faders($paper, $rig);
        self::looks($paper, $rig);

        return $paper->pdf();
    }

    private static function patch(Paper $paper, RigView $rig): void
    {
        $paper->section('Patch list');
        if ([] === $rig->fixtures) {
            $paper->line('Nothing hangs yet.');

            return;
        }
        $paper->table([28, 44, 32, 82], [
            'Name',
            'Fixture, mode',
            'Address',
            'Set on the unit',
        ], array_map(static fn (FixtureView $one): array => [
            $one->name,
            $one->maker.' '.$one->model.', '.$one->modeName,
            \sprintf('%d.%03d to %03d', $one->universe, $one->address, $one->last),
            self::setting($one),
        ], $rig->fixtures));
        $paper->line('Secondary safety bond on every unit overhead; nobody below while you work. Local rules decide.');
    }

    private static function setting(FixtureView $fixture): string
    {
        return implode('; ', array_filter([
            $fixture->switches?->sum,
            null === $fixture->display ? null : 'Shows '.$fixture->display,
            $fixture->setup,
            null === $fixture->linkId ? null : 'Receiver on '.($fixture->receiver ?? 'nothing yet'),
        ], static fn (?string $part): bool => null !== $part && '' !== $part));
    }

    private static function faders(Paper $paper, RigView $rig): void
    {
        $paper->section('Fader map');
        $desk = $rig->desk;
        if (null === $desk) {
            $paper->line('No desk is chosen.');

            return;
        }
        $rows = [];
        foreach ($desk->strips as $strip) {
            if ([] !== $strip->fixtures) {
                $rows[] = [
                    null === $strip->button ? '' : (string) $strip->button,
                    self::fader($desk, $strip),
                    \sprintf('%03d', $strip->address),
                    implode(', ', array_unique(array_map(static fn ($use): string => $use->name.' '.$use->label, $strip->fixtures))),
                    self::ranges($strip),
                ];
            }
        }
        $paper->table([16, 16, 16, 58, 80], ['zones' === $desk->layout ? 'Zone' : 'Button', 'Fader', 'Address', 'Moves', 'Ranges'], $rows);
    }

    private static function ranges(StripView $strip): string
    {
        return implode(', ', array_map(static fn ($range): string => $range->from.'–'.$range->to.' '.$range->label, $strip->ranges));
    }

    private static function looks(Paper $paper, RigView $rig): void
    {
        $paper->section('Programming steps');
        if ([] === $rig->looks) {
            $paper->line('No look is recorded.');
        }
        foreach ($rig->looks as $look) {
            $paper->heading(\sprintf('Bank %d, scene %d: %s', $look->bank, $look->number, $look->name));
            if (null !== $look->problem) {
                $paper->line($look->problem);
                continue;
            }
            foreach ($look->lines as $index => $line) {
                $paper->line(\sprintf('%d  %s', $index + 1, $line));
            }
            if ([] !== $look->unreachable) {
                $paper->line('No fader reaches '.implode(
                    ', ',
                    array_map(
                        static fn (UnreachableView $one): string => $one->fixture.' '.$one->label.' at '.$one->value,
                        $look->unreachable,
                    ),
                ).'.');
            }
        }
    }

    /** "A3" on page A; "2/3" on a page that is called by a number. */
    private static function fader(DeskView $desk, StripView $strip): string
    {
        $page = \count($desk->pageNames) > 1 ? $desk->pageNames[$strip->page - 1] ?? '' : '';

        return $page.(1 === preg_match('/\d$/', $page) ? '/' : '').$strip->fader;
    }
}
