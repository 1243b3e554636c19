<?php

declare(strict_types=1);

namespace Rigger\App\Repository;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Entity\Change;
use Rigger\App\Entity\Rig;

/** The journal of a rig. */
final readonly class Changes
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** @return array{string|null, string|null} what undo would take back and what redo would do again, in words */
    public function steps(string $rigId): array
    {
        $row = $this->manager->getConnection()->fetchAssociative(<<<'SQL'
            SELECT (SELECT sentence FROM change WHERE rig_id = :rig AND undone_at IS NULL ORDER BY number DESC LIMIT 1) AS undo,
                   (SELECT sentence FROM change WHERE rig_id = :rig AND undone_at IS NOT NULL AND NOT superseded
                       ORDER BY number LIMIT 1) AS redo
            SQL, ['rig' => $rigId]);

        return [\is_string($row['undo'] ?? null) ? $row['undo'] : null, \is_string($row['redo'] ?? null) ? $row['redo'] : null];
    }

    public function nextToUndo(Rig $rig): ?Change
    {
        return $this->one('c.undoneAt IS NULL', 'DESC', $rig);
    }

    public function nextToRedo(Rig $rig): ?Change
    {
        return $this->one('c.undoneAt IS NOT NULL AND c.superseded = false', 'ASC', $rig);
    }

    /** @return list<string> what has been done or undone after a version, in words */
    public function since(Rig $rig, int $version): array
    {
        /** @var list<Change> $changes */
        $changes = $this->manager->createQuery('SELECT c FROM '.Change::class.' c WHERE c.rig = :rig AND c.lastVersion > :version '
            .'ORDER BY c.lastVersion')
            ->setParameters(new \Doctrine\Common\Collections\ArrayCollection([
                new \Doctrine\ORM\Query\Parameter('rig', $rig->id(), 'uuid'),
                new \Doctrine\ORM\Query\Parameter('version', $version),
            ]))->getResult();

        return array_map(static fn (Change $change): string => ($change->isUndone() ? 'undone: ' : '').$change->sentence, $changes);
    }

    /** @return array{list<Change>, int} one page, newest first, and how many there are in all */
    public function page(Rig $rig, int $page, int $size): array
    {
        /** @var list<Change> $changes */
        $changes = $this->manager->createQuery('SELECT c FROM '.Change::class.' c WHERE c.rig = :rig ORDER BY c.number DESC')
            ->setParameter('rig', $rig->id(), 'uuid')->setFirstResult(($page - 1) * $size)->setMaxResults($size)->getResult();
        $count = $this->manager->createQuery('SELECT COUNT(c.id) FROM '.Change::class.' c WHERE c.rig = :rig')
            ->setParameter('rig', $rig->id(), 'uuid')->getSingleScalarResult();

        return [$changes, (int) $count];
    }

    /** What was undone before something new is done cannot be redone. */
    public function forgetUndone(Rig $rig): void
    {
        $this->manager->createQuery('UPDATE '.Change::class.' c SET c.superseded = true WHERE c.rig = :rig AND c.undoneAt IS NOT NULL '
            .'AND c.superseded = false')
            ->setParameter('rig', $rig->id(), 'uuid')->execute();
    }

    private function one(string $which, string $order, Rig $rig): ?Change
    {
        $change = $this->manager->createQuery(
            'SELECT c FROM '.Change::class.' c WHERE c.rig = :rig AND '.$which.' ORDER BY c.number '.$order,
        )
            ->setParameter('rig', $rig->id(), 'uuid')->setMaxResults(1)->getOneOrNullResult();

        return $change instanceof Change ? $change : null;
    }
}
