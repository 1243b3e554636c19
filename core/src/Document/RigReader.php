<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Desk\DeskReader;
use Rigger\Core\Input\FormatVersion;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Line\Radio\Band;
use Rigger\Core\Line\Radio\FormerKits;
use Rigger\Core\Line\Radio\Kit;
use Rigger\Core\Line\Radio\KitReader;
use Rigger\Core\Line\Radio\Surroundings;
use Rigger\Core\Look\MadeLook;
use Rigger\Core\Look\UnitIntent;
use Rigger\Core\Position\Spot;
use Rigger\Core\Position\Support;
use Rigger\Core\Position\SupportKind;
use Rigger\Core\Profile\ProfileReader;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Line\Van;
use Rigger\Core\Rig\Link;
use Rigger\Core\Rig\Power\Circuit;
use Rigger\Core\Rig\Power\PowerTerms;
use Rigger\Core\Rig\Receiver;

/** A rig document to a RigDocument in which every reference leads somewhere. */
final class RigReader
{
    /** What each version has added. */
    private const MEMBERS = [
        1 => ['format', 'version', 'name', 'venue', 'desk', 'types', 'links', 'fixtures', 'looks', 'supports', 'typeCurves'],
        2 => ['holds', 'known'],
        3 => ['runs', 'van', 'kits', 'house', 'receivers', 'circuits', 'power'],
        4 => [],
    ];

    /** Likewise of a look. */
    private const LOOK = [1 => ['name', 'bank', 'number', 'cells'], 4 => ['made']];
    /** Likewise of what a unit does in one. */
    private const CELL = [1 => ['fixture', 'values'], 4 => ['intent']];

    /** @throws InputError */
    public static function read(mixed $document): RigDocument
    {
        $in = Members::open($document);
        $version = FormatVersion::of($in, RigDocument::FORMAT, self::MEMBERS);
        $kits = $in->has('kits') ? $in->each('kits', KitReader::read(...), Limits::LINKS) : self::formerKits($in, $version);
        $rig = new RigDocument(
            Limits::name($in->text('name'), 'name'),
            Limits::name($in->text('venue'), 'venue'),
            $in->has('desk') && !$in->isNull('desk') ? DeskReader::read($in->raw('desk'), 'desk') : null,
            $in->each('types', ProfileReader::read(...), Limits::UNITS),
            $in->each(
                'links',
                static fn (mixed $item, string $path): LinkEntry => self::link($item, $path, $kits, $version),
                Limits::LINKS,
            ),
            $in->each(
                'fixtures',
                static fn (mixed $item, string $path): UnitEntry => UnitEntryReader::read($item, $path, $version),
                Limits::UNITS,
            ),
            $in->each(
                'looks',
                static fn (mixed $item, string $path): LookEntry => self::look($item, $path, $version),
                Limits::LOOKS,
            ),
            $in->has('supports') ? $in->each('supports', self::support(...), Limits::SUPPORTS) : [],
            $in->has('typeCurves') ? $in->each('typeCurves', self::typeCurves(...), Limits::UNITS) : [],
            $in->has('holds') ? $in->each('holds', HoldEntry::read(...), Limits::HOLDS) : [],
            $in->has('known') ? $in->each('known', KnownEntry::read(...), Limits::KNOWN) : [],
            $in->has('runs') ? $in->each('runs', RunEntry::read(...), Limits::RUNS) : [],
            $in->has('van') ? VanEntry::read($in->raw('van'), 'van') : new Van(),
            $kits,
            $in->has('house') ? $in->each('house', self::channel(...), Band::HOUSE_CHANNELS) : [],
            $in->has('receivers') ? $in->each('receivers', ReceiverEntry::read(...), Receiver::MOST) : [],
            $in->has('circuits') ? $in->each('circuits', CircuitEntry::read(...), Circuit::MOST) : [],
            $in->has('power') ? PowerEntry::read($in->raw('power'), 'power') : new PowerTerms(),
        );
        RigReferences::require($rig);

        return $rig;
    }

    /**
     * Before version 3 a link named its kit, one of two.
     *
     * @return list<Kit>
     */
    private static function formerKits(Members $in, FormatVersion $version): array
    {
        if ($version->number >= 3) {
            return [];
        }
        $names = $in->each('links', static fn (mixed $item, string $path): string => Members::open($item, $path)->choice(
            'kit',
            FormerKits::NAMES,
        ), Limits::LINKS);

        return array_map(FormerKits::named(...), array_values(array_unique($names)));
    }

    /** @param list<Kit> $kits */
    private static function link(mixed $item, string $path, array $kits, FormatVersion $version): LinkEntry
    {
        $in = Members::open($item, $path);
        $version->allow($in, [1 => ['kit', 'label', 'name'], 3 => ['x', 'y', 'height', 'place', 'obstacles']]);
        if ($version->number >= 3) {
            $index = $in->whole('kit', 0, Limits::LINKS);
        } else {
            $names = array_map(static fn (Kit $kit): string => $kit->name, $kits);
            $index = (int) array_search($in->text('kit'), $names, true);
        }
        $kit = $kits[$index] ?? throw InputError::because(
            'out_of_range',
            $in->path('kit'),
            \sprintf('There is no kit number %d in this document.', $index),
        );
        $label = Limits::name($in->text('label'), $in->path('label'));
        $name = $in->text('name');

        if (!$kit->has($name)) {
            throw InputError::because(
                'not_a_choice',
                $in->path('name'),
                \sprintf('%s is nothing that a unit of %s can be set to.', InputError::quote($name), InputError::quote($kit->name)),
            );
        }
        $decibel = static fn (mixed $one, string $at): float => Scalars::number($one, $at, 0, 100);

        return new LinkEntry(
            $index,
            $label,
            $name,
            $in->has('x') || $in->has('y') ? new Spot(
                $in->number('x', -Spot::FARTHEST, Spot::FARTHEST),
                $in->number('y', -Spot::FARTHEST, Spot::FARTHEST),
                $in->has('height') ? $in->number('height', 0, Spot::HIGHEST) : null,
            ) : null,
            $in->has('place')
                ? Surroundings::from($in->choice('place', array_column(Surroundings::cases(), 'value')))
                : Surroundings::Seated,
            $in->has('obstacles') ? $in->each('obstacles', $decibel, Link::MOST_OBSTACLES) : [],
        );
    }

    private static function channel(mixed $item, string $path): int
    {
        return Scalars::whole($item, $path, 1, Band::HOUSE_CHANNELS);
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

    private static function look(mixed $item, string $path, FormatVersion $version): LookEntry
    {
        $in = Members::open($item, $path);
        $version->allow($in, self::LOOK);
        $name = Limits::name($in->text('name'), $in->path('name'));
        $bank = $in->whole('bank', 1, 512);
        $number = $in->whole('number', 1, 512);
        $values = $intents = [];
        foreach ($in->items('cells') as $index => $cell) {
            $cellIn = Members::open($cell, $in->path('cells').'['.$index.']');
            $version->allow($cellIn, self::CELL);
            $unit = $cellIn->whole('fixture', 0);
            if (isset($values[$unit])) {
                throw InputError::duplicate($cellIn->path('fixture'), (string) $unit);
            }
            $values[$unit] = $cellIn->each('values', static fn (mixed $one, string $at): int => Scalars::whole($one, $at, 0, 255), 512);
            if ($cellIn->has('intent')) {
                $intents[$unit] = UnitIntent::read($cellIn->raw('intent'), $cellIn->path('intent'));
            }
        }

        $made = $in->has('made') ? MadeLook::from($in->choice('made', MadeLook::words())) : null;

        return new LookEntry($name, $bank, $number, $values, $intents, $made);
    }
}
