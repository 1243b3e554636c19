<?php

declare(strict_types=1);

namespace Rigger\App\Library\View;

/** A mode in short. */
final readonly class ModeView
{
    public function __construct(public string $key, public string $name, public int $channels, public ?string $display)
    {
    }
}
