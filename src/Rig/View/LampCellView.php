<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** One cell of a lamp. */
final readonly class LampCellView
{
    public function __construct(public int $cell, public ?string $hex, public float $brightness, public float $flash)
    {
    }
}
