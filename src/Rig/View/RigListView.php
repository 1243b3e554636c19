<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** One page of the rigs there are. */
final readonly class RigListView
{
    /** @param list<RigLineView> $rigs newest first */
    public function __construct(public array $rigs, public int $page, public int $total)
    {
    }
}
