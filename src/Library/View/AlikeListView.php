<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** Look-alikes of a mode. */
final readonly class AlikeListView
{
    /** @param list<AlikeView> $alikes by maker and model */
    public function __construct(public array $alikes)
    {
    }
}
