<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** One page of a rig's history. */
final readonly class ChangeListView
{
    /** @param list<ChangeView> $changes newest first */
    public function __construct(public array $changes, public int $page, public int $total)
    {
    }
}
