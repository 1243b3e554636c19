<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** Every revision of a type. */
final readonly class RevisionListView
{
    /** @param list<RevisionView> $revisions newest first */
    public function __construct(public array $revisions)
    {
    }
}
