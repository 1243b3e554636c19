<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** One fader to raise when a look is stored on the desk. */
final readonly class StepView
{
    public function __construct(public ?int $button, public int $page, public int $fader, public int $value, public string $label)
    {
    }
}
