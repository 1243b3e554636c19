<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** A desk that a rig can be played on. */
final readonly class DeskChoiceView
{
    public function __construct(public string $id, public string $name, public string $layout, public string $words)
    {
    }
}
