<?php

declare(strict_types=1);

namespace Rigger\App\Repository;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\Rig;
use Symfony\Component\Uid\Uuid;

/**
 * Entities that were there when a rig was read, under its lock.
 *
 * @internal part of Applier
 */
final readonly class Entities
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** Where the last of its kind stands in the rig's order; not asked for when nothing is new. */
    public function lastPlace(string $table, Rig $rig, bool $isAsked): int
    {
        $last = $isAsked
            ? $this->manager->getConnection()->fetchOne('SELECT MAX(place) FROM '.$table.' WHERE rig_id = ?', [(string) $rig->id()])
            : 0;

        return \is_int($last) ? $last : 0;
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    public function one(string $class, string $id): object
    {
        $entity = $this->manager->find($class, Uuid::fromString($id)) ?? throw new \LogicException(\sprintf(
            '%s %s was there when the rig was read, under its lock.',
            $class,
            $id,
        ));
        // Another entity may have named it before it was read: the journal wants what stands in its row.
        $this->manager->initializeObject($entity);

        return $entity;
    }

    /**
     * Many at once, in one question.
     *
     * @template T of object
     *
     * @param class-string<T> $class
     * @param list<string>    $ids
     *
     * @return array<string, T> by id
     */
    public function all(string $class, array $ids): array
    {
        if (\count($ids) > 1) {
            $this->manager->createQuery('SELECT e FROM '.$class.' e WHERE e.id IN (:ids)')->setParameter('ids', $ids)->getResult();
        }

        return array_combine($ids, array_map(fn (string $id): object => $this->one($class, $id), $ids));
    }
}
