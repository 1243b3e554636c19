<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

final readonly class RunsChangeView
{
    /**
     * @param list<string>  $gone ids
     * @param list<int>     $at   places in the new list, ascending; one for each in $put
     * @param list<RunView> $put  new ones, and those that are otherwise
     */
    public function __construct(public array $gone, public array $at, public array $put)
    {
    }
}
