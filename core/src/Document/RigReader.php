<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Desk\DeskReader;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Line\RadioKit;
use Rigger\Core\Position\Spot;
use Rigger\Core\Position\Support;
use Rigger\Core\Position\SupportKind;
use Rigger\Core\Profile\ProfileReader;
use Rigger\Core\Rig\Limits;

/** A rig document to a RigDocument in which every reference leads somewhere. */
final class RigReader
{
    /** @throws InputError */
    public static function read(mixed $document): RigDocument
    {
        $in = Members::of(
            $document,
            ['format', 'version', 'name', 'venue', 'desk', 'types', 'links', 'fixtures', 'looks', 'supports', 'typeCurves'],
        );
        $in->choice('format', [RigDocument::FORMAT]);
        $in->whole('version', RigDocument::VERSION, RigDocument::VERSION);
        $rig = new RigDocument(
            Limits::name($in->text('name'), 'name'),
            Limits::name($in->text('venue'), 'venue'),
            $in->has('desk') && !$in->isNull('desk') ? DeskReader::read($in->raw('desk'), 'desk') : null,
            $in->each('types', ProfileReader::read(...), Limits::UNITS),
            $in->each('links', self::link(...), Limits::LINKS),
            $in->each('fixtures', UnitEntryReader::read(...), Limits::UNITS),
            $in->each('looks', self::look(...), Limits::LOOKS),
            $in->has('supports') ? $in->each('supports', self::support(...), Limits::SUPPORTS) : [],
            $in->has('typeCurves') ? $in->each('typeCurves', self::typeCurves(...), Limits::UNITS) : [],
        );
        self::requireReferences($rig);

        return $rig;
    }

    private static function link(mixed $item, string $path): LinkEntry
    {
        $in = Members::of($item, ['kit', 'label', 'name'], $path);
        $kit = RadioKit::from($in->choice('kit', array_column(RadioKit::cases(), 'value')));

        return new LinkEntry($kit, Limits::name($in->text('label'), $in->path('label')), $in->choice('name', $kit->names()));
    }

    private static function support(mixed $item, string $path): Support
    {
        $in = Members::of($item, ['kind', 'name', 'height', 'fromX', 'fromY', 'toX', 'toY'], $path);
        $metres = static fn (string $member): float => $in->number($member, -Spot::FARTHEST, Spot::FARTHEST);

        return new Support(
            SupportKind::from($in->choice('kind', array_column(SupportKind::cases(), 'value'))),
            Limits::name($in->text('name'), $in->path('name')),
            $in->number('height', 0, Spot::HIGHEST),
            $metres('fromX'),
            $metres('fromY'),
            $metres('toX'),
            $metres('toY'),
        );
    }

    private static function typeCurves(mixed $item, string $path): TypeCurvesEntry
    {
        $in = Members::of($item, ['type', 'mode', 'curves'], $path);

        return new TypeCurvesEntry($in->whole('type', 0), $in->text('mode'), UnitEntryReader::curves($in));
    }

    private static function look(mixed $item, string $path): LookEntry
    {
        $in = Members::of($item, ['name', 'bank', 'number', 'cells'], $path);
        $name = Limits::name($in->text('name'), $in->path('name'));
        $bank = $in->whole('bank', 1, 512);
        $number = $in->whole('number', 1, 512);
        $values = [];
        foreach ($in->items('cells') as $index => $cell) {
            $cellIn = Members::of($cell, ['fixture', 'values'], $in->path('cells').'['.$index.']');
            $unit = $cellIn->whole('fixture', 0);
            if (isset($values[$unit])) {
                throw InputError::duplicate($cellIn->path('fixture'), (string) $unit);
            }
            $values[$unit] = $cellIn->each('values', static fn (mixed $one, string $at): int => Scalars::whole($one, $at, 0, 255), 512);
        }

        return new LookEntry($name, $bank, $number, $values);
    }

    private static function requireReferences(RigDocument $rig): void
    {
        foreach ($rig->units as $index => $unit) {
            $path = 'fixtures['.$index.']';
            $type = $rig->types[$unit->type] ?? throw InputError::because(
                'out_of_range',
                $path.'.type',
                \sprintf('There is no chart number %d in this document.', $unit->type),
            );
            if (null === $type->mode($unit->mode)) {
                throw InputError::because(
                    'unknown_mode',
                    $path.'.mode',
                    \sprintf('%s has no mode %s.', $type->model, InputError::quote($unit->mode)),
                );
            }
            $link = null === $unit->link
                ? null
                : $rig->links[$unit->link] ?? throw InputError::because(
                    'out_of_range',
                    $path.'.link',
                    \sprintf('There is no link number %d in this document.', $unit->link),
                );
            if (null !== $unit->receiver && (null === $link || !$link->kit->has($unit->receiver))) {
                throw InputError::because(
                    'not_a_choice',
                    $path.'.receiver',
                    \sprintf('%s is no name of that radio kit.', InputError::quote($unit->receiver)),
                );
            }
        }
        $bent = [];
        foreach ($rig->typeCurves as $index => $curves) {
            $path = 'typeCurves['.$index.']';
            $type = $rig->types[$curves->type] ?? throw InputError::because(
                'out_of_range',
                $path.'.type',
                \sprintf('There is no chart number %d in this document.', $curves->type),
            );
            if (null === $type->mode($curves->mode)) {
                throw InputError::because(
                    'unknown_mode',
                    $path.'.mode',
                    \sprintf('%s has no mode %s.', $type->model, InputError::quote($curves->mode)),
                );
            }
            if (isset($bent[$curves->type.'/'.$curves->mode])) {
                throw InputError::duplicate($path.'.mode', $curves->mode);
            }
            $bent[$curves->type.'/'.$curves->mode] = true;
        }
        $taken = [];
        foreach ($rig->looks as $index => $look) {
            $path = 'looks['.$index.']';
            $place = $look->bank.'.'.$look->number;
            if (isset($taken[$place])) {
                throw InputError::duplicate($path.'.number', $place);
            }
            $taken[$place] = true;
            foreach ($look->values as $at => $values) {
                $unit = $rig->units[$at] ?? throw InputError::unknownFixture($path.'.cells', (string) $at);
                $expected = $rig->types[$unit->type]->mode($unit->mode)?->footprint() ?? 0;
                if (\count($values) !== $expected) {
                    throw InputError::valuesCount($path.'.cells', \count($values), $expected, InputError::quote($unit->name));
                }
            }
        }
    }
}
