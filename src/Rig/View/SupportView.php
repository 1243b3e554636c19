<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A beam or stand, in metres. */
final readonly class SupportView
{
    public function __construct(
        public string $id,
        public string $kind,
        public string $name,
        public float $height,
        public float $fromX,
        public float $fromY,
        public float $toX,
        public float $toY,
    ) {
    }
}
