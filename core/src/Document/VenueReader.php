<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Desk\DeskReader;
use Rigger\Core\Input\FormatVersion;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Line\Radio\KitReader;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\ProfileReader;
use Rigger\Core\Rig\Limits;

/** A venue document to a VenueDocument whose rigs all hang in it. */
final class VenueReader
{
    private const MOST_REVISIONS = 1000;
    private const MOST_RIGS = 500;

    /** @throws InputError */
    public static function read(mixed $document): VenueDocument
    {
        $in = Members::open($document);
        FormatVersion::of($in, VenueDocument::FORMAT, [1 => ['format', 'version', 'name', 'charts', 'desks', 'rigs'], 2 => ['kits']]);
        $name = Limits::name($in->text('name'), 'name');

        return new VenueDocument(
            $name,
            $in->each('charts', self::revisions(...), Limits::UNITS),
            $in->each('desks', DeskReader::read(...), self::MOST_RIGS),
            $in->each('rigs', static fn (mixed $item, string $path): RigDocument => self::rig($item, $path, $name), self::MOST_RIGS),
            $in->has('kits') ? $in->each('kits', KitReader::read(...), self::MOST_RIGS) : [],
        );
    }

    /** @return non-empty-list<FixtureProfile> */
    private static function revisions(mixed $item, string $path): array
    {
        $in = Members::of($item, ['revisions'], $path);
        $revisions = $in->each('revisions', ProfileReader::read(...), self::MOST_REVISIONS);

        return [] === $revisions
            ? throw InputError::because('values_count', $in->path('revisions'), 'A chart has at least one revision.')
            : $revisions;
    }

    private static function rig(mixed $item, string $path, string $venue): RigDocument
    {
        try {
            $rig = RigReader::read($item);
        } catch (InputError $error) {
            throw InputError::because($error->errorCode, $path.('' === $error->field ? '' : '.'.$error->field), $error->getMessage());
        }

        return $rig->venue === $venue
            ? $rig
            : throw InputError::because(
                'not_a_choice',
                $path.'.venue',
                \sprintf('The rig hangs in %s, and the document is about %s.', InputError::quote($rig->venue), InputError::quote($venue)),
            );
    }
}
