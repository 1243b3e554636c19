<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A socket of a pack, and the lamp on it. */
final readonly class SocketView
{
    /** @param float|null $watts null for an empty one */
    public function __construct(public int $cell, public string $label, public ?float $watts, public ?float $amps)
    {
    }
}
