<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Input\FormatVersion;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Line\Radio\Kit;
use Rigger\Core\Position\Spot;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Power\Supply;
use Rigger\Core\Rig\Reversal;
use Rigger\Core\Rig\RunState;
use Rigger\Core\Rig\TapeColour;

/** One unit of a rig document, read and written. */
final class UnitEntryReader
{
    /** What each version has added. */
    private const MEMBERS = [
        1 => [
            'name', 'type', 'mode', 'universe', 'address', 'link', 'receiver', 'position', 'number', 'groups', 'note', 'tape', 'locked',
            'x', 'y', 'height', 'curves', 'pan', 'tilt', 'buttons',
        ],
        2 => ['out', 'cellNames'],
        3 => ['run', 'remote', 'behind', 'outputs', 'circuit', 'supply'],
    ];

    /** @throws InputError */
    public static function read(mixed $item, string $path, FormatVersion $version): UnitEntry
    {
        $in = Members::open($item, $path);
        $version->allow($in, self::MEMBERS);
        $has = static fn (string $member): bool => $in->has($member) && !$in->isNull($member);

        return new UnitEntry(
            Limits::name($in->text('name'), $in->path('name')),
            $in->whole('type', 0),
            $in->text('mode'),
            $in->whole('universe', 1, Limits::UNIVERSES),
            $in->address('address'),
            $has('link') ? $in->whole('link', 0) : null,
            $has('receiver') ? $in->text('receiver') : null,
            $has('position') ? Limits::name($in->text('position'), $in->path('position')) : null,
            $has('number') ? $in->whole('number', 1, Limits::NUMBER) : null,
            $in->has('groups')
                ? Limits::groups(
                    $in->each(
                        'groups',
                        static fn (mixed $group, string $at): string => \is_string($group)
                            ? $group
                            : throw InputError::wrongType($at, 'a text', $group),
                    ),
                    $in->path('groups'),
                )
                : [],
            $has('note') ? Limits::note($in->text('note'), $in->path('note')) : null,
            $has('tape') ? TapeColour::from($in->choice('tape', array_column(TapeColour::cases(), 'value'))) : TapeColour::Cream,
            $in->has('locked') && $in->flag('locked'),
            self::spot($in),
            self::curves($in),
            $has('pan') ? Reversal::from($in->choice('pan', array_column(Reversal::cases(), 'value'))) : null,
            $has('tilt') ? Reversal::from($in->choice('tilt', array_column(Reversal::cases(), 'value'))) : null,
            $has('buttons') ? $in->whole('buttons', 2, 512) : null,
            $in->has('out') && $in->flag('out'),
            $in->has('cellNames') ? self::cellNames($in) : [],
            $has('run') ? RunState::from($in->choice('run', array_column(RunState::cases(), 'value'))) : RunState::Desk,
            $in->has('remote') && $in->flag('remote'),
            $has('behind') ? $in->whole('behind', 0) : null,
            $has('outputs') ? $in->each(
                'outputs',
                static fn (mixed $one, string $at): int => Scalars::whole($one, $at, 1, Kit::MOST_OUTPUTS),
                Kit::MOST_OUTPUTS,
            ) : null,
            $has('circuit') ? $in->whole('circuit', 0) : null,
            $has('supply') ? SupplyEntry::read($in->raw('supply'), $in->path('supply')) : new Supply(),
        );
    }

    /**
     * @return list<ChannelCurve>
     *
     * @throws InputError duplicate for two curves of one channel
     */
    public static function curves(Members $in): array
    {
        $curves = $in->has('curves') ? $in->each('curves', ChannelCurve::read(...), 512) : [];
        $seen = [];
        foreach ($curves as $index => $curve) {
            if (isset($seen[$curve->channel])) {
                throw InputError::duplicate($in->path('curves').'['.$index.'].channel', (string) $curve->channel);
            }
            $seen[$curve->channel] = true;
        }

        return $curves;
    }

    /** @return array<int, string> by number of the cell, ascending */
    private static function cellNames(Members $in): array
    {
        $names = [];
        foreach ($in->named('cellNames') as $cell => $name) {
            $path = $in->path('cellNames').'.'.$cell;
            if (1 !== preg_match('/^[1-9]\d{0,2}$/D', (string) $cell)) {
                throw InputError::because('unknown_cell', $path, 'Cells are counted from 1.');
            }
            $names[(int) $cell] = Limits::name(Scalars::text($name, $path), $path);
        }
        ksort($names);

        return $names;
    }

    private static function spot(Members $in): ?Spot
    {
        $has = static fn (string $member): bool => $in->has($member) && !$in->isNull($member);
        if (!$has('x') && !$has('y')) {
            return null;
        }

        return new Spot(
            $in->number('x', -Spot::FARTHEST, Spot::FARTHEST),
            $in->number('y', -Spot::FARTHEST, Spot::FARTHEST),
            $has('height') ? $in->number('height', 0, Spot::HIGHEST) : null,
        );
    }

    /** @return array<string, mixed> members that say nothing are left out */
    public static function write(UnitEntry $unit): array
    {
        return [
            'name' => $unit->name, 'type' => $unit->type, 'mode' => $unit->mode, 'universe' => $unit->universe, 'address' => $unit->address,
            'link' => $unit->link, 'receiver' => $unit->receiver, 'position' => $unit->position,
        ] + array_filter([
            'number' => $unit->number,
            'groups' => [] === $unit->groups ? null : $unit->groups,
            'note' => $unit->note,
            'tape' => TapeColour::Cream === $unit->tape ? null : $unit->tape->value,
            'locked' => $unit->isLocked ? true : null,
            'x' => $unit->spot?->x,
            'y' => $unit->spot?->y,
            'height' => $unit->spot?->height,
            'curves' => [] === $unit->curves ? null : array_map(static fn (ChannelCurve $curve): array => $curve->toArray(), $unit->curves),
            'pan' => $unit->pan?->value,
            'tilt' => $unit->tilt?->value,
            'buttons' => $unit->buttons,
            'out' => $unit->isOut ? true : null,
            'run' => RunState::Desk === $unit->runState ? null : $unit->runState->value,
            'remote' => $unit->hearsRemote ? true : null,
            'behind' => $unit->behind,
            'outputs' => $unit->outputs,
            'circuit' => $unit->circuit,
            'supply' => $unit->supply->isEmpty() ? null : SupplyEntry::write($unit->supply),
            'cellNames' => [] === $unit->cellNames ? null : (object) $unit->cellNames,
        ], static fn (mixed $value): bool => null !== $value);
    }
}
