<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A walk over units or faders, one at a time. */
final readonly class WalkView
{
    /** @param list<WalkStepView> $steps in the order of the desk's faders */
    public function __construct(public array $steps)
    {
    }
}
