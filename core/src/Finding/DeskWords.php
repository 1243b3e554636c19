<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Desk\DeskFinding;
use Rigger\Core\Desk\DeskWords as MapWords;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Text\Names;

/** @internal */
final class DeskWords
{
    /** What each of so many units does at rest is said one by one; of more nobody would read it. */
    private const EACH = 8;

    public static function title(Finding $finding, Rig $rig): string
    {
        $units = self::units($finding, $rig);
        $names = self::names($units);
        $isMany = \count($units) > 1;
        $called = self::called($rig);
        if (true === $finding->figures['isMeant']) {
            return \sprintf('%s %s %d %ss', $names, $isMany ? 'take' : 'takes', $units[0]->takesButtons ?? 1, $called);
        }

        return match ($finding->code) {
            'not_aligned' => \sprintf('%s %s not at a %s', $names, $isMany ? 'are' : 'is', $called),
            'spills' => \sprintf('%s %s %s', $names, $isMany ? 'spill over their' : 'spills over its', $called),
            'hidden' => \sprintf('%s %s hidden channels', $names, $isMany ? 'have' : 'has'),
            'shared_button' => \sprintf('%s share %s', $names, self::buttons($finding, $called)),
            'twins' => $names.' are twins',
            'out_of_reach' => $isMany ? \count($units).' units are out of reach' : $names.' is out of reach',
            default => match (true) {
                !$isMany => $names.' is in another universe',
                1 === \count(self::universes($units)) => \count($units).' units are in a universe this desk does not have',
                default => \count($units).' units are in universes this desk does not have',
            },
        };
    }

    public static function message(Finding $finding, Rig $rig): string
    {
        $units = self::units($finding, $rig);

        return (1 === \count($units) ? self::ofOne($finding, $rig, null) : self::ofMany($finding, $rig, $units))
            .match ($finding->figures['stuck'] ?? null) {
                'locked' => self::locked($units),
                'no_button' => \sprintf(' No free %s has room for %s.', self::called($rig), 1 === \count($units) ? 'it' : 'them'),
                'no_faders' => \sprintf(' No free run of faders has room for %s.', 1 === \count($units) ? 'it' : 'them'),
                default => '',
            };
    }

    private static function ofOne(Finding $finding, Rig $rig, ?string $who): string
    {
        $map = self::ofMap($finding);
        $unit = $rig->unit($map->unit);
        $sentence = MapWords::sentence($map, static fn (string $id): string => $rig->unit($id)->name, self::called($rig), $who);
        if (!\in_array($map->code, ['hidden', 'out_of_reach'], true)) {
            return $sentence;
        }
        // Where channels that no fader reaches rest, and what that means for the light.
        $rest = $unit->at->atRest($map->channels);

        return $sentence.(null === $rest ? ' They rest at 0.' : ' '.$rest->sentence($who ?? $unit->name, null !== $who));
    }

    /** @param non-empty-list<Unit> $units */
    private static function ofMany(Finding $finding, Rig $rig, array $units): string
    {
        if (\count($rig->together($units[0])->units) === \count($units) && 'shared_button' !== $finding->code) {
            return self::ofOne($finding, $rig, self::names($units));
        }

        return match ($finding->code) {
            'other_universe' => \sprintf(
                '%s are in %s; this desk sends universe %d.',
                self::names($units),
                self::inWords(self::universes($units)),
                $rig->universe(),
            ),
            'out_of_reach' => \sprintf(
                '%s are beyond every fader of this desk.%s',
                Names::few(array_map(
                    static fn (Unit $unit): string => \sprintf('%s at %03d', $unit->name, $unit->place->address),
                    $units,
                )),
                self::resting($units),
            ),
            'shared_button' => \sprintf(
                '%s %s answer to %s: one fader moves a channel of each.',
                self::names($units),
                2 === \count($units) ? 'both' : 'all',
                self::buttons($finding, self::called($rig)),
            ),
            default => self::ofOne($finding, $rig, self::names($units)),
        };
    }

    /**
     * What those do that no fader moves.
     *
     * @param non-empty-list<Unit> $units
     */
    private static function resting(array $units): string
    {
        if (\count($units) > self::EACH) {
            return '';
        }
        $dark = $busy = [];
        foreach ($units as $unit) {
            $rest = $unit->at->atRest(range(1, $unit->footprint()));
            if (null !== $rest?->selfRunning) {
                $busy[] = $unit->name;
            } elseif (true === $rest?->isDark) {
                $dark[] = $unit->name;
            }
        }

        return match (true) {
            \count($dark) === \count($units) => ' At rest (0) all of them are dark.',
            [] !== $dark => \sprintf(' At rest (0) %s %s dark.', Names::few($dark), 1 === \count($dark) ? 'is' : 'are'),
            default => '',
        }.([] === $busy ? '' : \sprintf(' %s then %s by %s.', Names::few($busy), 1 === \count($busy) ? 'runs' : 'run', 1 === \count($busy)
            ? 'itself'
            : 'themselves'));
    }

    /** @param non-empty-list<Unit> $units */
    private static function locked(array $units): string
    {
        $locked = array_values(array_filter($units, static fn (Unit $unit): bool => $unit->isLocked));

        return match (true) {
            1 === \count($units) => ' It is locked where it is.',
            1 === \count($locked) => \sprintf(' %s is locked where it is.', $locked[0]->name),
            default => ' They are locked where they are.',
        };
    }

    private static function buttons(Finding $finding, string $called): string
    {
        $buttons = array_filter((array) (self::ofMap($finding)->figures['buttons'] ?? []), is_int(...));

        return $called.(\count($buttons) > 1 ? 's ' : ' ').Names::all(array_map(strval(...), array_values($buttons)));
    }

    private static function ofMap(Finding $finding): DeskFinding
    {
        $map = $finding->figures['map'];

        return $map instanceof DeskFinding ? $map : throw new \LogicException('A finding of the desk carries what the map says.');
    }

    /** What the desk itself calls a button. */
    private static function called(Rig $rig): string
    {
        return mb_strtolower($rig->desk()?->manual->keys->of('button') ?? 'button');
    }

    /** @return non-empty-list<Unit> */
    private static function units(Finding $finding, Rig $rig): array
    {
        $units = array_map($rig->unit(...), $finding->units);

        return [] === $units ? throw new \LogicException('A finding of the desk is about somebody.') : $units;
    }

    /** @param non-empty-list<Unit> $units */
    private static function names(array $units): string
    {
        return Names::few(array_map(static fn (Unit $unit): string => $unit->name, $units));
    }

    /**
     * @param non-empty-list<Unit> $units
     *
     * @return non-empty-list<int> ascending
     */
    private static function universes(array $units): array
    {
        $universes = array_values(array_unique(array_map(static fn (Unit $unit): int => $unit->place->universe, $units)));
        sort($universes);

        return $universes;
    }

    /** @param non-empty-list<int> $universes */
    private static function inWords(array $universes): string
    {
        $isRun = \count($universes) > 2 && $universes[\count($universes) - 1] - $universes[0] === \count($universes) - 1;

        return match (true) {
            1 === \count($universes) => 'universe '.$universes[0],
            $isRun => \sprintf('universes %d to %d', $universes[0], $universes[\count($universes) - 1]),
            default => 'universes '.Names::all(array_map(strval(...), $universes)),
        };
    }
}
