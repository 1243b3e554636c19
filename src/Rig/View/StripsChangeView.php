<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

final readonly class StripsChangeView
{
    /**
     * @param list<int>       $at  places among the desk's strips; one for each in $put
     * @param list<StripView> $put in the place of those
     */
    public function __construct(public array $at, public array $put)
    {
    }
}
