<?php

declare(strict_types=1);

namespace Rigger\App\Journal;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Event\OnFlushEventArgs;
use Doctrine\ORM\Events;
use Psr\Clock\ClockInterface;
use Rigger\App\Doctrine\Journalled;
use Rigger\App\Entity\Change;
use Rigger\App\Entity\Rig;

/**
 * Writes each change of a rig into its journal, from the unit of work and in the same transaction: every row before and
 * after, as the database holds it. Undo and redo need nothing else.
 */
#[AsDoctrineListener(Events::onFlush)]
final readonly class JournalListener
{
    public function __construct(private Journal $journal, private ClockInterface $clock, private SchemaVersion $schema)
    {
    }

    public function onFlush(OnFlushEventArgs $event): void
    {
        $entry = $this->journal->entry();
        if (null === $entry) {
            return;
        }
        [$rig, $sentence] = $entry;
        $manager = $event->getObjectManager();
        $rows = $this->rows($manager, new RowReader($manager));
        $this->journal->close();
        if ([] === $rows) {
            return;
        }
        $rig->countChange();
        $unit = $manager->getUnitOfWork();
        $unit->recomputeSingleEntityChangeSet($manager->getClassMetadata(Rig::class), $rig);
        $change = Change::of($rig, $sentence, $this->clock->now(), $rows, $this->schema->newest());
        $manager->persist($change);
        $unit->computeChangeSet($manager->getClassMetadata(Change::class), $change);
    }

    /** @return list<array{table: string, id: string, before: array<string, mixed>|null, after: array<string, mixed>|null}> */
    private function rows(EntityManagerInterface $manager, RowReader $reader): array
    {
        $unit = $manager->getUnitOfWork();
        $rows = [];
        foreach ($unit->getScheduledEntityInsertions() as $entity) {
            if ($entity instanceof Journalled) {
                $rows[] = $reader->inserted($entity);
            }
        }
        foreach ($unit->getScheduledEntityUpdates() as $entity) {
            $row = $entity instanceof Journalled ? $reader->updated($entity, $unit->getEntityChangeSet($entity)) : null;
            if (null !== $row) {
                $rows[] = $row;
            }
        }
        foreach ($unit->getScheduledEntityDeletions() as $entity) {
            if ($entity instanceof Journalled) {
                $rows[] = $reader->deleted($entity, $unit->getOriginalEntityData($entity));
            }
        }

        return $rows;
    }
}
