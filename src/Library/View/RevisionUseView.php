<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** A rig in which units follow a revision. */
final readonly class RevisionUseView
{
    public function __construct(public string $rigId, public string $rig, public string $venue, public int $units)
    {
    }
}
