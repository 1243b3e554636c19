<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A lamp that would shine otherwise in a look. */
final readonly class LookChangeView
{
    public function __construct(
        public string $look,
        public string $unit,
        public string $before,
        public string $after,
        public ?string $beforeHex,
        public ?string $afterHex,
    ) {
    }
}
