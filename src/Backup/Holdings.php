<?php

declare(strict_types=1);

namespace Rigger\App\Backup;

use Doctrine\DBAL\Connection;

/** What a database holds, so that a person can tell one backup from another. */
final readonly class Holdings
{
    /** @param list<array{name: string, venue: string, units: int, looks: int}> $rigs */
    public function __construct(public array $rigs, public int $charts, public int $desks, public int $changes, public int $thrown)
    {
    }

    public static function in(Connection $database): self
    {
        /** @var list<array{name: string, venue: string, units: int, looks: int}> $rigs */
        $rigs = $database->fetchAllAssociative(<<<'SQL'
            SELECT r.name, v.name AS venue,
                (SELECT COUNT(*) FROM patched_fixture f WHERE f.rig_id = r.id)::int AS units,
                (SELECT COUNT(*) FROM look l WHERE l.rig_id = r.id)::int AS looks
            FROM rig r JOIN venue v ON v.id = r.venue_id ORDER BY r.name LIMIT 500
            SQL);
        /** @var array{charts: int, desks: int, changes: int} $counts */
        $counts = $database->fetchAssociative('SELECT (SELECT COUNT(*) FROM fixture_type)::int AS charts, (SELECT COUNT(*) FROM desk '
            .'WHERE on_shelf)::int AS desks, (SELECT COUNT(*) FROM change)::int AS changes');
        // By way of JSON, because an older schema has no wastebasket.
        $thrown = $database->fetchOne("SELECT COUNT(*)::int FROM rig r WHERE to_jsonb(r)->>'thrown_at' IS NOT NULL");

        return new self($rigs, $counts['charts'], $counts['desks'], $counts['changes'], \is_int($thrown) ? $thrown : 0);
    }

    /** @return string differs as soon as anything was changed, made or thrown away */
    public static function fingerprint(Connection $database): string
    {
        // An older schema has no kits.
        $kits = null === $database->fetchOne("SELECT to_regclass('radio_kit')")
            ? null
            : $database->fetchOne("SELECT MD5(STRING_AGG(id::text || on_shelf::text, ',' ORDER BY id)) FROM radio_kit");

        return sha1(serialize([$kits, $database->fetchAssociative(<<<'SQL'
            SELECT (SELECT SUM(version) FROM rig) AS versions, (SELECT COUNT(*) FROM rig) AS rigs,
            (SELECT MAX(last_version) FROM change) AS last, (SELECT COUNT(*) FROM change) AS changes,
                (SELECT COUNT(*) FROM fixture_revision) AS charts,
                (SELECT MD5(STRING_AGG(id::text || on_shelf::text, ',' ORDER BY id)) FROM desk) AS desks,
                (SELECT COUNT(*) FROM rig r WHERE to_jsonb(r)->>'thrown_at' IS NOT NULL) AS thrown_rigs,
                (SELECT COUNT(*) FROM fixture_type t WHERE to_jsonb(t)->>'thrown_at' IS NOT NULL) AS thrown_charts
            SQL)]));
    }
}
