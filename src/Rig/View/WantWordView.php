<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A want and how it is said. */
final readonly class WantWordView
{
    public function __construct(public string $want, public string $words)
    {
    }
}
