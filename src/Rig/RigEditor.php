<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Doctrine\ORM\EntityManagerInterface;
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
        return $this->inTransaction(function () use ($rigId, $version, $work): void {
            $rig = $this->lockAt($rigId, $version);
            $sentence = $work($this->loader->load($rig));
            $before = $rig->version();
            $this->journal->open($rig, $sentence);
            $this->manager->flush();
            if ($rig->version() > $before) {
                $this->changes->forgetUndone($rig);
            }
        }, $rigId);
    }

    /** @throws Problem version_moved, nothing_to_undo, changed_since */
    public function undo(Uuid $rigId, int $version): RigView
    {
        return $this->inTransaction(function () use ($rigId, $version): void {
            $this->timeMachine->undo($this->lockAt($rigId, $version));
        }, $rigId);
    }

    /** @throws Problem version_moved, nothing_to_redo, changed_since */
    public function redo(Uuid $rigId, int $version): RigView
    {
        return $this->inTransaction(function () use ($rigId, $version): void {
            $this->timeMachine->redo($this->lockAt($rigId, $version));
        }, $rigId);
    }

    private function inTransaction(callable $work, Uuid $rigId): RigView
    {
        $database = $this->manager->getConnection();
        $database->beginTransaction();
        try {
            $work();
            $database->commit();
        } catch (\Throwable $problem) {
            if ($database->isTransactionActive()) {
                $database->rollBack();
            }
            $this->journal->close();
            throw $problem;
        }
        // Undo and redo write rows past the entity manager: what it remembers is of no use now.
        $this->manager->clear();

        return $this->views->of($this->rigs->get($rigId));
    }

    private function lockAt(Uuid $rigId, int $version): Rig
    {
        $rig = $this->rigs->lock($rigId);
        if ($version !== $rig->version()) {
            throw Problem::versionMoved($rig->version(), $this->changes->since($rig, $version));
        }

        return $rig;
    }
}
