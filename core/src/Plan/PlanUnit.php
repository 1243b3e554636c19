<?php

declare(strict_types=1);

namespace Rigger\Core\Plan;

use Rigger\Core\Patch\Place;

/** A unit that wants an address, with the one that it has now. */
final readonly class PlanUnit
{
    /**
     * @param string      $mode   profile and mode together, as the caller tells them apart
     * @param Place|null  $now    where it stands; null for one that has no address yet
     * @param string|null $twinOf id of the unit that it moves together with
     */
    public function __construct(
        public string $id,
        public string $mode,
        public int $footprint,
        public ?Place $now = null,
        public bool $isLocked = false,
        public ?string $twinOf = null,
    ) {
    }
}
