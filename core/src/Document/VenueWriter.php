<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Desk\DeskWriter;
use Rigger\Core\Line\Radio\KitWriter;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\ProfileWriter;

/** A VenueDocument to its open document; reading what is written gives the same venue. */
final class VenueWriter
{
    /** @return array<string, mixed> */
    public static function write(VenueDocument $venue): array
    {
        return [
            'format' => VenueDocument::FORMAT,
            'version' => VenueDocument::VERSION,
            'name' => $venue->name,
            'charts' => array_map(
                static fn (array $revisions): array => ['revisions' => array_map(
                    static fn (FixtureProfile $profile): array => ProfileWriter::write($profile),
                    $revisions,
                )],
                $venue->charts,
            ),
            'desks' => array_map(DeskWriter::write(...), $venue->desks),
            'kits' => array_map(KitWriter::write(...), $venue->kits),
            'rigs' => array_map(RigWriter::write(...), $venue->rigs),
        ];
    }
}
