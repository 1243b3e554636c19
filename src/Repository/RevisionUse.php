<?php

declare(strict_types=1);

namespace Rigger\App\Repository;

/** A rig in which units follow a revision. */
final readonly class RevisionUse
{
    public function __construct(public string $rigId, public string $rig, public string $venue, public int $units)
    {
    }
}
