<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

final readonly class FindingsChangeView
{
    /**
     * @param list<string>      $gone keys
     * @param list<int>         $at   places in the new list, ascending; one for each in $put
     * @param list<FindingView> $put  new ones, those that read otherwise, and all of the stage units
     */
    public function __construct(public array $gone, public array $at, public array $put)
    {
    }
}
