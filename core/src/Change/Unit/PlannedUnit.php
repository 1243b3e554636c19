<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Patch\Place;
use Rigger\Core\Rig\Limits;

/** Where a plan puts a unit. */
final readonly class PlannedUnit
{
    /** @param string|null $mode null where it stays in its own */
    public function __construct(
        public string $unit,
        #[Within(1, Limits::UNIVERSES, 'A universe is 1 to 63999.')] public int $universe,
        #[Within(1, 512, 'An address is 1 to 512.')] public int $address,
        public ?string $mode = null,
    ) {
    }

    public function place(): Place
    {
        return new Place($this->universe, $this->address);
    }
}
