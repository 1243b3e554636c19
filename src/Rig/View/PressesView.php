<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** How often to press which key. */
final readonly class PressesView
{
    public function __construct(public string $words)
    {
    }
}
