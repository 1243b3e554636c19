<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Cable;

/** One piece of cable, to the device at its far end. */
final readonly class Cable
{
    public const LONGEST = 1000.0;

    /** @param bool $hasAdapter whether it needs an adapter, for its ends fit on one side alone */
    public function __construct(public float $metres, public CableType $type, public bool $hasAdapter = false)
    {
    }
}
