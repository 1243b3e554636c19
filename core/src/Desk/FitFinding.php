<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Severity;

/** One thing that a desk cannot hold as it is meant. */
final readonly class FitFinding
{
    /**
     * @param string                   $id      of the look or the chase
     * @param int|null                 $step    of the written-out list, from 1; null for the whole
     * @param array<string, int|float> $figures what FitWords needs, by the code's own names
     */
    public function __construct(
        public string $code,
        public Severity $severity,
        public string $id,
        public ?int $step,
        public array $figures = [],
    ) {
    }
}
