<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Doctrine\Transaction;
use Rigger\App\Entity\Rig;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\CoreRigs;
use Rigger\App\Repository\Hanging;
use Rigger\App\Repository\Rigs;
use Rigger\Core\Document\RigDocument;
use Rigger\Core\Rig\Limits;
use Symfony\Component\Uid\Uuid;

/** The same rig once more, to go its own way: everything but its history, and what was ticked on the walk round. */
final readonly class Duplicating
{
    public function __construct(
        private EntityManagerInterface $manager,
        private Transaction $transaction,
        private Rigs $rigs,
        private CoreRigs $loader,
        private Hanging $hanging,
    ) {
    }

    /** @throws Problem not_found, thrown_away */
    public function duplicate(Uuid $id): Rig
    {
        return $this->transaction->run(function () use ($id): Rig {
            $original = $this->rigs->lock($id);
            $rig = $this->loader->get($id);
            $name = $this->freeName($original);
            $copy = Rig::in($original->venue, $name);
            $copy->playOn($original->desk());
            $this->manager->persist($copy);
            $this->hanging->hang(
                $copy,
                RigDocument::of($rig->renamed($name)),
                RigDocument::revisionsOf($rig),
                RigDocument::kitsOf($rig),
            );
            $this->manager->flush();

            return $copy;
        });
    }

    /** "The Tidekeeper (2)", or the next number that no rig of the venue has. */
    private function freeName(Rig $original): string
    {
        $bare = (string) preg_replace('/ \(\d+\)$/D', '', $original->name());
        $taken = $this->rigs->namesAt($original->venue);
        for ($nth = 2;; ++$nth) {
            $end = ' ('.$nth.')';
            $name = mb_substr($bare, 0, Limits::NAME - mb_strlen($end)).$end;
            if (!\in_array($name, $taken, true)) {
                return $name;
            }
        }
    }
}
