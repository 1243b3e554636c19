<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A climb up a ladder. */
final readonly class PlanTripView
{
    /** @param string $why in words that follow "because" */
    public function __construct(
        public string $unitId,
        public string $name,
        public string $from,
        public string $to,
        public int $universe,
        public int $address,
        public string $why,
    ) {
    }
}
