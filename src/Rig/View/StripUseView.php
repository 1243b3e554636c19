<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A unit's channel that a fader moves. */
final readonly class StripUseView
{
    public function __construct(public string $unitId, public string $name, public int $channel, public string $label)
    {
    }
}
