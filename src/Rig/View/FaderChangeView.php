<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A fader that would bear another name. */
final readonly class FaderChangeView
{
    public function __construct(
        public ?int $button,
        public int $page,
        public int $fader,
        public int $address,
        public ?string $before,
        public ?string $after,
    ) {
    }
}
