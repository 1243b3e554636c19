<?php

declare(strict_types=1);

namespace Rigger\App\Repository;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\FixtureRevision;
use Rigger\App\Entity\FixtureType;
use Rigger\App\Problem\Problem;
use Symfony\Component\Uid\Uuid;

/** The library of fixture types and their revisions. */
final readonly class Types
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** @throws Problem not_found */
    public function latest(Uuid $typeId): FixtureRevision
    {
        return $this->ofType($typeId, '', 'DESC') ?? throw Problem::notFound('This fixture type');
    }

    /** @throws Problem not_found */
    public function revision(Uuid $typeId, int $number): FixtureRevision
    {
        return $this->ofType($typeId, 'AND r.number = '.$number, 'DESC') ?? throw Problem::notFound('This revision');
    }

    public function named(string $maker, string $model): ?FixtureType
    {
        return $this->manager->getRepository(FixtureType::class)->findOneBy(['maker' => $maker, 'model' => $model, 'thrownAt' => null]);
    }

    /** @return list<FixtureRevision> every revision of a type, newest first */
    public function revisions(FixtureType $type): array
    {
        return $this->manager->getRepository(FixtureRevision::class)->findBy(['type' => $type], ['number' => 'DESC']);
    }

    /** Whether any fixture of any rig follows it: then it stays as it is. */
    public function isUsed(FixtureRevision $revision): bool
    {
        return false !== $this->manager->getConnection()->fetchOne(
            'SELECT 1 FROM patched_fixture WHERE revision_id = ? LIMIT 1',
            [(string) $revision->id()],
        );
    }

    /**
     * @param list<string> $typeIds
     *
     * @return array<string, int> number of the newest revision, by type
     */
    public function latestNumbers(array $typeIds): array
    {
        if ([] === $typeIds) {
            return [];
        }

        /** @var array<string, int> */
        return $this->manager->getConnection()->fetchAllKeyValue(
            'SELECT type_id, MAX(number) FROM fixture_revision WHERE type_id IN (?) GROUP BY type_id',
            [array_values(array_unique($typeIds))],
            [ArrayParameterType::STRING],
        );
    }

    /**
     * The newest chart of every type of one of these models, whoever makes it.
     *
     * @param list<string> $models in any case
     *
     * @return list<FixtureRevision> by maker
     */
    public function latestOfModels(array $models): array
    {
        /** @var list<FixtureRevision> */
        return [] === $models
            ? []
            : $this->manager->createQuery('SELECT r, t FROM '.FixtureRevision::class.' r JOIN r.type t WHERE t.thrownAt IS NULL AND '
                .'LOWER(t.model) IN (:models) AND r.number = (SELECT MAX(x.number) FROM '.FixtureRevision::class.' x '
                    .'WHERE x.type = t) ORDER BY t.maker')
            ->setParameter('models', array_values(array_unique(array_map(mb_strtolower(...), $models))))->getResult();
    }

    /**
     * Where each revision of a type is in use.
     *
     * @return array<int, list<RevisionUse>> by number
     */
    public function uses(Uuid $typeId): array
    {
        $rows = $this->manager->getConnection()->fetchAllAssociative(<<<'SQL'
            SELECT r.number, g.id, g.name, v.name AS venue, COUNT(*) AS units FROM fixture_revision r
            JOIN patched_fixture f ON f.revision_id = r.id JOIN rig g ON g.id = f.rig_id JOIN venue v ON v.id = g.venue_id
            WHERE r.type_id = ? GROUP BY r.number, g.id, g.name, v.name ORDER BY r.number, g.name
            SQL, [(string) $typeId]);
        $uses = [];
        foreach ($rows as $row) {
            /** @var array{number: int, id: string, name: string, venue: string, units: int} $row */
            $uses[$row['number']][] = new RevisionUse($row['id'], $row['name'], $row['venue'], $row['units']);
        }

        return $uses;
    }

    private function ofType(Uuid $typeId, string $which, string $order): ?FixtureRevision
    {
        $revision = $this->manager->createQuery('SELECT r, t FROM '.FixtureRevision::class.' r JOIN r.type t WHERE t.id = :type AND '
            .'t.thrownAt IS NULL '.$which.' ORDER BY r.number '.$order)
            ->setParameter('type', $typeId, 'uuid')->setMaxResults(1)->getOneOrNullResult();

        return $revision instanceof FixtureRevision ? $revision : null;
    }
}
