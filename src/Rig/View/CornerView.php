<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A corner of what can be mixed, in (u′, v′). */
final readonly class CornerView
{
    public function __construct(public float $u, public float $v)
    {
    }
}
