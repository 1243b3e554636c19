<?php

declare(strict_types=1);

namespace Rigger\App\Journal;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rigger\App\Entity\Change;
use Rigger\App\Entity\Rig;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\Changes;

/** Undo and redo: applies an entry of the journal backwards or forwards. */
final readonly class TimeMachine
{
    public function __construct(private EntityManagerInterface $manager, private Changes $changes, private ClockInterface $clock)
    {
    }

    /** @return string what was undone, in words */
    public function undo(Rig $rig): string
    {
        $change = $this->changes->nextToUndo($rig) ?? throw Problem::conflict('nothing_to_undo', 'There is nothing left to undo.');
        foreach (array_reverse($change->rows) as $row) {
            $this->apply($row['table'], $row['id'], $row['after'], $row['before'], $change);
        }
        $change->undo($this->clock->now(), $rig->countChange());
        $this->manager->flush();

        return $change->sentence;
    }

    /** @return string what was done again, in words */
    public function redo(Rig $rig): string
    {
        $change = $this->changes->nextToRedo($rig) ?? throw Problem::conflict('nothing_to_redo', 'There is nothing to do again.');
        foreach ($change->rows as $row) {
            $this->apply($row['table'], $row['id'], $row['before'], $row['after'], $change);
        }
        $change->redo($rig->countChange());
        $this->manager->flush();

        return $change->sentence;
    }

    /**
     * @param array<string, mixed>|null $is   what must stand there now, or null for no row
     * @param array<string, mixed>|null $wish what shall stand there
     */
    private function apply(string $table, string $id, ?array $is, ?array $wish, Change $change): void
    {
        $database = $this->manager->getConnection();
        if (null === $is) {
            $database->insert($table, $wish ?? []);

            return;
        }
        // Charts are shared between rigs: never put back over what another rig's operator did since.
        if (!$this->stands($database, $table, $id, $is)) {
            throw Problem::conflict(
                'changed_since',
                \sprintf('"%s" cannot be taken back: what it changed has been changed again from another rig.', $change->sentence),
            );
        }
        if (null === $wish) {
            $database->delete($table, ['id' => $id]);
        } else {
            $database->update($table, $wish, ['id' => $id]);
        }
    }

    /** @param array<string, mixed> $columns */
    private function stands(Connection $database, string $table, string $id, array $columns): bool
    {
        $conditions = ['id = ?'];
        $values = [$id];
        foreach ($columns as $column => $value) {
            $conditions[] = $database->quoteSingleIdentifier($column).(null === $value ? ' IS NULL' : ' = ?');
            if (null !== $value) {
                $values[] = $value;
            }
        }

        return false !== $database->fetchOne(
            'SELECT 1 FROM '.$database->quoteSingleIdentifier($table).' WHERE '.implode(' AND ', $conditions),
            $values,
        );
    }
}
