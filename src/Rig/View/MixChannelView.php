<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A channel that colours a unit. */
final readonly class MixChannelView
{
    /** @param string|null $emitter key of the one it drives; null for a built-in colour */
    public function __construct(public string $label, public int $value, public ?string $emitter)
    {
    }
}
