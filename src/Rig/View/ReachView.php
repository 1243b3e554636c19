<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** How well a receiver hears its sender. A planning figure. */
final readonly class ReachView
{
    /** @param string $verdict strong, fair, weak or none */
    public function __construct(public string $unitId, public float $metres, public float $marginDb, public string $verdict)
    {
    }
}
