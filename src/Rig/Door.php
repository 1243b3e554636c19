<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Doctrine\Transaction;
use Rigger\App\Entity\Rig;
use Rigger\App\Journal\Journal;
use Rigger\App\Journal\TimeMachine;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\Applier;
use Rigger\App\Repository\Changes as Journalled;
use Rigger\App\Repository\CoreRigs;
use Rigger\App\Repository\Rigs;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Changes;
use Symfony\Component\Uid\Uuid;

/**
 * The one door for changes of a rig: held against others, checked against the version they were based on, all of them or none, one entry
 * of the journal.
 */
final readonly class Door
{
    public function __construct(
        private EntityManagerInterface $manager,
        private Transaction $transaction,
        private Rigs $rigs,
        private Journalled $history,
        private Journal $journal,
        private TimeMachine $timeMachine,
        private CoreRigs $loader,
        private LibraryWorld $world,
        private Applier $applier,
    ) {
    }

    /**
     * @param int                    $base    the rig's version that the changes were based on
     * @param non-empty-list<Change> $changes
     *
     * @throws Problem version_moved, with what was done since; InputError, NotThere, Refused of a change. Then nothing is changed.
     */
    public function change(Uuid $rigId, int $base, array $changes): Done
    {
        try {
            return $this->transaction->run(function () use ($rigId, $base, $changes): Done {
                $rig = $this->lockAt($rigId, $base);
                $before = $this->loader->get($rigId);
                $applied = Changes::apply($changes, $before, $this->world);
                $this->journal->open($rig, $applied->said);
                $this->applier->apply($before, $applied->rig, $rig);
                $this->manager->flush();
                if ($rig->version() > $base) {
                    $this->history->forgetUndone($rig);
                }

                return new Done(
                    $before,
                    $this->world->hasWritten() ? $this->loader->get($rigId)->sharing($before) : $applied->rig->at($rig->version()),
                    $applied->said,
                    $applied->made,
                );
            });
        } finally {
            $this->journal->close();
        }
    }

    /** @throws Problem version_moved, nothing_to_undo, changed_since */
    public function undo(Uuid $rigId, int $base): Done
    {
        return $this->travel($rigId, $base, $this->timeMachine->undo(...));
    }

    /** @throws Problem version_moved, nothing_to_redo, changed_since */
    public function redo(Uuid $rigId, int $base): Done
    {
        return $this->travel($rigId, $base, $this->timeMachine->redo(...));
    }

    /** @param callable(Rig): string $step */
    private function travel(Uuid $rigId, int $base, callable $step): Done
    {
        return $this->transaction->run(function () use ($rigId, $base, $step): Done {
            $rig = $this->lockAt($rigId, $base);
            $before = $this->loader->get($rigId);
            $said = $step($rig);
            // It writes rows past the entity manager: what that remembers is of no use then.
            $this->manager->clear();

            return new Done($before, $this->loader->get($rigId)->sharing($before), $said);
        });
    }

    private function lockAt(Uuid $rigId, int $base): Rig
    {
        $rig = $this->rigs->lock($rigId);
        if ($base !== $rig->version()) {
            // A version that the rig never had tells nothing of what somebody has seen.
            throw Problem::versionMoved($rig->version(), $this->history->since($rig, max(0, min($base, $rig->version()))));
        }

        return $rig;
    }
}
