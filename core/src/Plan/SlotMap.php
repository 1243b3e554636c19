<?php

declare(strict_types=1);

namespace Rigger\Core\Plan;

/**
 * Which slots are taken, as strings of 512 characters: finding a free run is then one search. @internal.
 */
final class SlotMap
{
    private const SLOTS = 512;

    /** @var array<int, string> by universe, "0" for a free slot and "1" for one that is taken */
    private array $universes = [];

    public function __construct(int $universes)
    {
        for ($universe = 1; $universe <= $universes; ++$universe) {
            $this->universes[$universe] = str_repeat('0', self::SLOTS);
        }
    }

    public function isFree(Place $place, int $footprint): bool
    {
        return isset($this->universes[$place->universe]) && $place->address + $footprint - 1 <= self::SLOTS
            && strspn($this->universes[$place->universe], '0', $place->address - 1, $footprint) === $footprint;
    }

    public function take(Place $place, int $footprint): void
    {
        $this->universes[$place->universe] = substr_replace($this->universes[$place->universe], str_repeat('1', $footprint), $place->address - 1, $footprint);
    }

    public function release(Place $place, int $footprint): void
    {
        $this->universes[$place->universe] = substr_replace($this->universes[$place->universe], str_repeat('0', $footprint), $place->address - 1, $footprint);
    }

    /** The lowest universe, and in it the lowest address, at which every slot is free and the spacing holds. */
    public function firstFit(int $footprint, Spacing $spacing): ?Place
    {
        foreach ($this->universes as $universe => $slots) {
            $at = $spacing->first - 1;
            while ($at + $footprint <= self::SLOTS) {
                $free = strspn($slots, '0', $at, $footprint);
                if ($free === $footprint) {
                    return new Place($universe, $at + 1);
                }
                // Past the run that is taken, on to the next address that the spacing allows.
                $next = $at + $free + strspn($slots, '1', $at + $free);
                $at = $spacing->first - 1 + intdiv($next - $spacing->first + $spacing->step, $spacing->step) * $spacing->step;
            }
        }

        return null;
    }
}
