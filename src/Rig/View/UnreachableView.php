<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A channel that a look wants up and no fader of the desk reaches. */
final readonly class UnreachableView
{
    public function __construct(
        public string $unitId,
        public string $unit,
        public int $channel,
        public string $label,
        public int $value,
    ) {
    }
}
