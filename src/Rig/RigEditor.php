<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Doctrine\Transaction;
use Rigger\App\Entity\Rig;
use Rigger\App\Journal\Journal;
use Rigger\App\Journal\TimeMachine;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\Changes;
use Rigger\App\Repository\Rigs;
use Rigger\App\Rig\View\RigView;
use Symfony\Component\Uid\Uuid;

/** Every change of a rig goes through here: held against others, checked against the version it was based on, journalled. */
final readonly class RigEditor
{
    public function __construct(
        private EntityManagerInterface $manager,
        private Transaction $transaction,
        private Rigs $rigs,
        private Changes $changes,
        private Journal $journal,
        private TimeMachine $timeMachine,
        private SnapshotLoader $loader,
        private RigViewFactory $views,
    ) {
    }

    /**
     * @param int                        $version the rig's version that the change was based on
     * @param callable(Snapshot): string $work    makes the change and says it in words, for the log
     *
     * @throws Problem version_moved, with what was done since; whatever $work throws. Then nothing is changed.
     */
    public function edit(Uuid $rigId, int $version, callable $work): RigView
    {
        return $this->inTransaction(function () use ($rigId, $version, $work): ?Snapshot {
            $rig = $this->lockAt($rigId, $version);
            $snapshot = $this->loader->load($rig);
            $sentence = $work($snapshot);
            $before = $rig->version();
            $this->journal->open($rig, $sentence);
            array_map($this->manager->persist(...), $snapshot->touched());
            $unit = $this->manager->getUnitOfWork();
            $isSame = [] === $unit->getScheduledEntityInsertions() && [] === $unit->getScheduledEntityDeletions();
            $this->manager->flush();
            if ($rig->version() > $before) {
                $this->changes->forgetUndone($rig);
            }

            // What hangs there is what was loaded, unless something came or went.
            return $isSame ? $snapshot->again() : null;
        }, $rigId);
    }

    /** @throws Problem version_moved, nothing_to_undo, changed_since */
    public function undo(Uuid $rigId, int $version): RigView
    {
        return $this->inTransaction(function () use ($rigId, $version): null {
            $this->timeMachine->undo($this->lockAt($rigId, $version));

            return $this->forget();
        }, $rigId);
    }

    /** @throws Problem version_moved, nothing_to_redo, changed_since */
    public function redo(Uuid $rigId, int $version): RigView
    {
        return $this->inTransaction(function () use ($rigId, $version): null {
            $this->timeMachine->redo($this->lockAt($rigId, $version));

            return $this->forget();
        }, $rigId);
    }

    /** @param callable(): ?Snapshot $work gives the rig as it is then, where that need not be loaded anew */
    private function inTransaction(callable $work, Uuid $rigId): RigView
    {
        try {
            $snapshot = $this->transaction->run($work);
        } finally {
            $this->journal->close();
        }

        return null === $snapshot ? $this->views->of($this->rigs->get($rigId)) : $this->views->ofSnapshot($snapshot);
    }

    /** Undo and redo write rows past the entity manager: what it remembers is of no use then. */
    private function forget(): null
    {
        $this->manager->clear();

        return null;
    }

    private function lockAt(Uuid $rigId, int $version): Rig
    {
        $rig = $this->rigs->lock($rigId);
        if ($version !== $rig->version()) {
            // A version that the rig never had tells nothing of what somebody has seen.
            throw Problem::versionMoved($rig->version(), $this->changes->since($rig, max(0, min($version, $rig->version()))));
        }

        return $rig;
    }
}
