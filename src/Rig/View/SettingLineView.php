<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** One line of what a unit is like to set. */
final readonly class SettingLineView
{
    public function __construct(public string $about, public string $words)
    {
    }
}
