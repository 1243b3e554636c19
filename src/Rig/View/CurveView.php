<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A curve of one channel. */
final readonly class CurveView
{
    /**
     * @param bool                      $isForType for every unit of the type in this mode
     * @param list<array{float, float}> $points    of a table
     */
    public function __construct(
        public int $channel,
        public bool $isForType,
        public string $shape,
        public int $min,
        public int $max,
        public string $bound,
        public array $points,
    ) {
    }
}
