<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** One step of a walk over the faders or the units: what goes up, and who should answer. */
final readonly class WalkStep
{
    /**
     * @param array<int, int> $slots   value by address; all others are at 0
     * @param int|null        $address the fader that is walked; null when a whole unit goes up
     * @param list<string>    $units   ids of those that should answer
     */
    public function __construct(public array $slots, public ?int $address, public array $units)
    {
    }
}
