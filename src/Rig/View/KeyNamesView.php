<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** What a desk's keys and faders are called. */
final readonly class KeyNamesView
{
    public function __construct(
        public string $button,
        public string $page,
        public string $bank,
        public string $scene,
        public string $blackout,
        public string $master,
        public string $crossA,
        public string $crossB,
    ) {
    }
}
