<?php

declare(strict_types=1);

namespace Rigger\App\Doctrine;

use Doctrine\ORM\EntityManagerInterface;

/** All of a piece of work or nothing of it. The entity manager stays usable when it fails, unlike after its own wrapInTransaction. */
final readonly class Transaction
{
    /** Names come into the library one import after the other: two that bring the same new one would block each other. */
    private const LIBRARY_LOCK = 7_446_611;

    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /**
     * What the work changed in entities it flushes itself. Inside another transaction it is a part of that one, and takes back no more
     * than itself.
     *
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     */
    public function run(callable $work): mixed
    {
        $database = $this->manager->getConnection();
        $database->beginTransaction();
        try {
            $done = $work();
            $database->commit();

            return $done;
        } catch (\Throwable $problem) {
            $this->rollBack();
            throw $problem;
        }
    }

    /** Until the transaction ends, nobody else brings anything into the library. */
    public function lockLibrary(): void
    {
        $this->manager->getConnection()->executeStatement('SELECT pg_advisory_xact_lock('.self::LIBRARY_LOCK.')');
    }

    private function rollBack(): void
    {
        $database = $this->manager->getConnection();
        $this->manager->clear();
        // A commit that failed has ended the transaction itself; a lost connection has ended it on the server.
        if ($database->isTransactionActive()) {
            try {
                $database->rollBack();
            } catch (\Doctrine\DBAL\Exception) {
                $database->close();
            }
        }
    }
}
