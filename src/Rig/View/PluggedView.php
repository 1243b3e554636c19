<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A unit on a circuit. */
final readonly class PluggedView
{
    /** @param float|null $watts with everything up; null where nobody has said */
    public function __construct(public string $unitId, public ?float $watts)
    {
    }
}
