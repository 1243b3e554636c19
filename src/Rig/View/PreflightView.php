<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** One thing to look at on the desk. */
final readonly class PreflightView
{
    /** @param string $key master, cross, blackout, wide, buttons, page, bank, program, chase, fade or radio */
    public function __construct(public string $key, public string $title, public string $why)
    {
    }
}
