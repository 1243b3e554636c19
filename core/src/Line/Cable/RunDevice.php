<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Cable;

/** Something on a data run, with the cable that leads to it. */
final readonly class RunDevice
{
    /** @param float $load in unit loads of a receiver (ANSI E1.11 by EIA-485): most devices are 1 */
    public function __construct(public string $id, public DeviceKind $kind, public Cable $cable, public float $load = 1.0)
    {
    }
}
