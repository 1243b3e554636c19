<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Desk\DeskReader;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Line\RadioKit;
use Rigger\Core\Profile\ProfileReader;

/** A rig document to a RigDocument in which every reference leads somewhere. */
final class RigReader
{
    /** @throws InputError */
    public static function read(mixed $document): RigDocument
    {
        $in = Members::of($document, ['format', 'version', 'name', 'venue', 'desk', 'types', 'links', 'fixtures', 'looks']);
        $in->choice('format', [RigDocument::FORMAT]);
        $in->whole('version', RigDocument::VERSION, RigDocument::VERSION);
        $rig = new RigDocument(
            Limits::name($in->text('name'), 'name'),
            Limits::name($in->text('venue'), 'venue'),
            $in->has('desk') && !$in->isNull('desk') ? DeskReader::read($in->raw('desk'), 'desk') : null,
            $in->each('types', ProfileReader::read(...), Limits::FIXTURES),
            $in->each('links', self::link(...), Limits::LINKS),
            $in->each('fixtures', self::fixture(...), Limits::FIXTURES),
            $in->each('looks', self::look(...), Limits::LOOKS),
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

    private static function fixture(mixed $item, string $path): FixtureEntry
    {
        $in = Members::of($item, ['name', 'type', 'mode', 'universe', 'address', 'link', 'receiver', 'position'], $path);

        return new FixtureEntry(
            Limits::name($in->text('name'), $in->path('name')),
            $in->whole('type', 0),
            $in->text('mode'),
            $in->whole('universe', 1, Limits::UNIVERSES),
            $in->address('address'),
            $in->has('link') && !$in->isNull('link') ? $in->whole('link', 0) : null,
            $in->has('receiver') && !$in->isNull('receiver') ? $in->text('receiver') : null,
            $in->has('position') && !$in->isNull('position') ? Limits::name($in->text('position'), $in->path('position')) : null,
        );
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
            $fixture = $cellIn->whole('fixture', 0);
            if (isset($values[$fixture])) {
                throw InputError::duplicate($cellIn->path('fixture'), (string) $fixture);
            }
            $values[$fixture] = $cellIn->each('values', static fn (mixed $one, string $at): int => Scalars::whole($one, $at, 0, 255), 512);
        }

        return new LookEntry($name, $bank, $number, $values);
    }

    private static function requireReferences(RigDocument $rig): void
    {
        foreach ($rig->fixtures as $index => $fixture) {
            $path = 'fixtures['.$index.']';
            $type = $rig->types[$fixture->type] ?? throw InputError::because('out_of_range', $path.'.type', \sprintf('There is no chart number %d in this document.', $fixture->type));
            if (null === $type->mode($fixture->mode)) {
                throw InputError::because('unknown_mode', $path.'.mode', \sprintf('%s has no mode %s.', $type->model, InputError::quote($fixture->mode)));
            }
            $link = null === $fixture->link ? null : $rig->links[$fixture->link] ?? throw InputError::because('out_of_range', $path.'.link', \sprintf('There is no link number %d in this document.', $fixture->link));
            if (null !== $fixture->receiver && (null === $link || !$link->kit->has($fixture->receiver))) {
                throw InputError::because('not_a_choice', $path.'.receiver', \sprintf('%s is no name of that radio kit.', InputError::quote($fixture->receiver)));
            }
        }
        $taken = [];
        foreach ($rig->looks as $index => $look) {
            $path = 'looks['.$index.']';
            $place = $look->bank.'.'.$look->number;
            if (isset($taken[$place])) {
                throw InputError::duplicate($path.'.number', $place);
            }
            $taken[$place] = true;
            foreach ($look->values as $fixture => $values) {
                $unit = $rig->fixtures[$fixture] ?? throw InputError::unknownFixture($path.'.cells', (string) $fixture);
                $expected = $rig->types[$unit->type]->mode($unit->mode)?->footprint() ?? 0;
                if (\count($values) !== $expected) {
                    throw InputError::valuesCount($path.'.cells', \count($values), $expected, InputError::quote($unit->name));
                }
            }
        }
    }
}
