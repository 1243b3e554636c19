<?php

declare(strict_types=1);

namespace Rigger\App\Playback;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception as DatabaseException;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\CoreRigs;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Rig\Rig;
use Symfony\Component\Uid\Uuid;

/** Rigs as they are now, compiled once and kept while somebody plays them. */
final class RigsAtHand
{
    /** Rigs that nobody sits at are kept too, as many as one may come back to. */
    private const MOST = 40;

    /** @var array<string, array{Rig, CompiledRig}> by id, the one asked for last at the end */
    private array $rigs = [];

    public function __construct(private readonly CoreRigs $loader, private readonly Connection $database)
    {
    }

    /** @throws Problem|DatabaseException not_found, thrown_away, or the database is away */
    public function get(string $id): CompiledRig
    {
        $kept = $this->rigs[$id] ?? null;
        if (null === $kept) {
            return $this->fresh($id);
        }
        unset($this->rigs[$id]);
        $this->rigs[$id] = $kept;

        return $kept[1];
    }

    /** Read anew: what has not changed is shared with what is there. */
    public function fresh(string $id): CompiledRig
    {
        $before = $this->rigs[$id] ?? null;
        try {
            $rig = $this->read($id);
        } catch (Problem $gone) {
            unset($this->rigs[$id]);
            throw $gone;
        }
        unset($this->rigs[$id]);
        if (null !== $before) {
            $rig = $rig->sharing($before[0]);
        }
        $this->rigs[$id] = [$rig, CompiledRig::of($rig)];
        while (\count($this->rigs) > self::MOST) {
            array_shift($this->rigs);
        }

        return $this->rigs[$id][1];
    }

    public function isAtHand(string $id): bool
    {
        return isset($this->rigs[$id]);
    }

    private function read(string $id): Rig
    {
        try {
            return $this->loader->get(Uuid::fromString($id));
        } catch (DatabaseException) {
            // The session may have died long ago, with the database: another one is tried.
            $this->database->close();

            return $this->loader->get(Uuid::fromString($id));
        }
    }
}
