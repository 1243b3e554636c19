<?php

declare(strict_types=1);

namespace Rigger\App\Repository;

use Doctrine\DBAL\Connection;

/** What lies in the wastebasket, and who still needs what of it. */
final readonly class Thrown
{
    public function __construct(private Connection $database)
    {
    }

    /** @return list<array{kind: string, id: string, name: string, parts: int, changes: int, at: string}> newest first */
    public function all(): array
    {
        /** @var list<array{kind: string, id: string, name: string, parts: int, changes: int, at: string}> */
        return $this->database->fetchAllAssociative(<<<'SQL'
            SELECT 'rig' AS kind, r.id::text, r.name, (SELECT COUNT(*) FROM patched_fixture f WHERE f.rig_id = r.id)::int AS parts,
                   (SELECT COUNT(*) FROM change c WHERE c.rig_id = r.id)::int AS changes,
                   to_char(r.thrown_at, 'YYYY-MM-DD"T"HH24:MI:SS"Z"') AS at
            FROM rig r WHERE r.thrown_at IS NOT NULL
            UNION ALL
            SELECT 'chart', t.id::text, t.maker || ' ' || t.model,
                (SELECT COUNT(*) FROM fixture_revision v WHERE v.type_id = t.id)::int, 0,
                to_char(t.thrown_at, 'YYYY-MM-DD"T"HH24:MI:SS"Z"')
            FROM fixture_type t WHERE t.thrown_at IS NOT NULL
            UNION ALL
            SELECT 'desk', d.id::text, d.name, 0, 0, to_char(d.thrown_at, 'YYYY-MM-DD"T"HH24:MI:SS"Z"')
            FROM desk d WHERE d.thrown_at IS NOT NULL
            UNION ALL
            SELECT 'kit', k.id::text, k.name, 0, 0, to_char(k.thrown_at, 'YYYY-MM-DD"T"HH24:MI:SS"Z"')
            FROM radio_kit k WHERE k.thrown_at IS NOT NULL
            ORDER BY 6 DESC, 3
            SQL);
    }

    /** @return list<string> names of the rigs, those in the wastebasket too, that have units or curves of a type */
    public function rigsWithType(string $typeId): array
    {
        /** @var list<string> */
        return $this->database->fetchFirstColumn(<<<'SQL'
            SELECT name FROM rig WHERE id IN (
                SELECT f.rig_id FROM patched_fixture f JOIN fixture_revision v ON v.id = f.revision_id WHERE v.type_id = :type
                UNION SELECT rig_id FROM type_curves WHERE type_id = :type) ORDER BY name
            SQL, ['type' => $typeId]);
    }

    /**
     * Whether a row is needed: a rig follows it, or a rig's history could bring back something that does.
     *
     * @param list<string> $ids of the rows that would go
     */
    public function areNeeded(array $ids): bool
    {
        foreach ($ids as $id) {
            $needed = $this->database->fetchOne(<<<'SQL'
                SELECT EXISTS (SELECT 1 FROM rig WHERE desk_id = :id) OR EXISTS (SELECT 1 FROM patched_fixture WHERE revision_id = :id)
                    OR EXISTS (SELECT 1 FROM type_curves WHERE type_id = :id)
                    OR EXISTS (SELECT 1 FROM radio_link WHERE kit_id = :id)
                    OR EXISTS (SELECT 1 FROM radio_link l JOIN radio_kit k ON k.name = l.kit WHERE l.kit_id IS NULL AND k.id = :id)
                    OR EXISTS (SELECT 1 FROM change WHERE changed_rows::text LIKE '%' || :id || '%')
                SQL, ['id' => $id]);
            if (false !== $needed) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> */
    public function revisionsOf(string $typeId): array
    {
        /** @var list<string> */
        return $this->database->fetchFirstColumn('SELECT id::text FROM fixture_revision WHERE type_id = ?', [$typeId]);
    }

    public function deleteType(string $typeId): void
    {
        $this->database->executeStatement('DELETE FROM fixture_revision WHERE type_id = ?', [$typeId]);
        $this->database->executeStatement('DELETE FROM fixture_type WHERE id = ?', [$typeId]);
    }

    public function deleteKit(string $kitId): void
    {
        $this->database->executeStatement('DELETE FROM radio_kit WHERE id = ?', [$kitId]);
    }

    public function deleteDesk(string $deskId): void
    {
        $this->database->executeStatement('DELETE FROM desk WHERE id = ?', [$deskId]);
    }
}
