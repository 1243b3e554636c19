<?php

declare(strict_types=1);

namespace Rigger\App\Repository;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\Rig;
use Rigger\App\Entity\Venue;
use Rigger\App\Problem\Problem;
use Symfony\Component\Uid\Uuid;

final readonly class Rigs
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** @throws Problem not_found, thrown_away */
    public function get(Uuid $id): Rig
    {
        return self::inUse($this->manager->find(Rig::class, $id));
    }

    /**
     * The rig, held against every other change until the transaction ends.
     *
     * @throws Problem not_found, thrown_away
     */
    public function lock(Uuid $id): Rig
    {
        return self::inUse($this->lockAnywhere($id));
    }

    /** Also one that lies in the wastebasket. */
    public function lockAnywhere(Uuid $id): ?Rig
    {
        return $this->manager->find(Rig::class, $id, LockMode::PESSIMISTIC_WRITE);
    }

    private static function inUse(?Rig $rig): Rig
    {
        if (null !== $rig?->thrownAt()) {
            throw Problem::thrownAway('This rig');
        }

        return $rig ?? throw Problem::notFound('This rig');
    }

    /** @return list<string> what the rigs of a venue are called */
    public function namesAt(Venue $venue): array
    {
        $rigs = $this->manager->getRepository(Rig::class)->findBy(['venue' => $venue]);

        return array_map(static fn (Rig $rig): string => $rig->name(), $rigs);
    }

    public function version(Uuid $id): int
    {
        $row = $this->manager->getConnection()->fetchAssociative(
            'SELECT version, thrown_at IS NOT NULL AS thrown FROM rig WHERE id = ?',
            [(string) $id],
        );
        if (true === ($row['thrown'] ?? null)) {
            throw Problem::thrownAway('This rig');
        }

        return \is_int($row['version'] ?? null) ? $row['version'] : throw Problem::notFound('This rig');
    }

    /**
     * One page, and how many rigs there are.
     *
     * @return array{list<array{id: string, name: string, venue: string, desk: string|null, version: int, tape: list<string>}>, int}
     */
    public function page(int $page, int $size): array
    {
        $database = $this->manager->getConnection();
        $rows = $database->fetchAllAssociative(<<<'SQL'
            SELECT r.id, r.name, v.name AS venue, d.name AS desk, r.version,
                   (SELECT json_agg(f.name ORDER BY f.place) FROM patched_fixture f WHERE f.rig_id = r.id) AS tape
            FROM rig r JOIN venue v ON v.id = r.venue_id LEFT JOIN desk d ON d.id = r.desk_id
            WHERE r.thrown_at IS NULL ORDER BY r.id DESC LIMIT ? OFFSET ?
            SQL, [$size, ($page - 1) * $size]);
        $rigs = [];
        foreach ($rows as $row) {
            /** @var array{id: string, name: string, venue: string, desk: string|null, version: int, tape: string|null} $row */
            /** @var list<string> $tape */
            $tape = json_decode($row['tape'] ?? '[]', true, 512, \JSON_THROW_ON_ERROR);
            $rigs[] = ['tape' => $tape] + $row;
        }
        $count = $database->fetchOne('SELECT COUNT(*) FROM rig WHERE thrown_at IS NULL');

        return [$rigs, \is_int($count) ? $count : 0];
    }

    /** With everything in it, for good. Charts and desks stay in the library. */
    public function delete(Uuid $id): void
    {
        $database = $this->manager->getConnection();
        $database->executeStatement('DELETE FROM look_cell WHERE look_id IN (SELECT id FROM look WHERE rig_id = ?)', [(string) $id]);
        foreach (['look', 'patched_fixture', 'radio_link', 'support', 'type_curves', 'change'] as $table) {
            $database->executeStatement('DELETE FROM '.$table.' WHERE rig_id = ?', [(string) $id]);
        }
        $database->executeStatement('DELETE FROM rig WHERE id = ?', [(string) $id]);
    }
}
