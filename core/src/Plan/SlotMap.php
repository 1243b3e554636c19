<?php

declare(strict_types=1);

namespace Rigger\Core\Plan;

use Rigger\Core\Patch\Place;

/**
 * Which slots are taken, as strings of 512 characters: finding a free run is then one search. @internal.
 */
final class SlotMap
{
    private const SLOTS = 512;

    /** @var array<int, string> by universe, "0" for a free slot and "1" for one that is taken */
    private array $universes = [];

    /** @param int $first the lowest of so many universes */
    public function __construct(int $universes, int $first = 1)
    {
        for ($universe = $first; $universe < $first + $universes; ++$universe) {
            $this->universes[$universe] = str_repeat('0', self::SLOTS);
        }
    }

    public function isFree(Place $place, int $footprint): bool
    {
        return isset($this->universes[$place->universe]) && $place->address + $footprint - 1 <= self::SLOTS
            && strspn($this->universes[$place->universe], '0', $place->address - 1, $footprint) === $footprint;
    }

    /** What lies past 512, or in a universe that is not looked at, is nobody's. */
    public function take(Place $place, int $footprint): void
    {
        if (isset($this->universes[$place->universe])) {
            $length = min($footprint, self::SLOTS - $place->address + 1);
            $this->universes[$place->universe] = substr_replace(
                $this->universes[$place->universe],
                str_repeat('1', $length),
                $place->address - 1,
                $length,
            );
        }
    }

    /** What lies before a place is not looked at: it counts as taken. */
    public function begin(Place $at): void
    {
        foreach ($this->universes as $universe => $slots) {
            $this->universes[$universe] = match (true) {
                $universe < $at->universe => str_repeat('1', self::SLOTS),
                $universe === $at->universe => str_repeat('1', $at->address - 1).substr($slots, $at->address - 1),
                default => $slots,
            };
        }
    }

    public function release(Place $place, int $footprint): void
    {
        $this->universes[$place->universe] = substr_replace(
            $this->universes[$place->universe],
            str_repeat('0', $footprint),
            $place->address - 1,
            $footprint,
        );
    }

    /** The first place at or after another one at which every slot is free. */
    public function fitFrom(Place $from, int $footprint): ?Place
    {
        foreach ($this->universes as $universe => $slots) {
            $at = $universe < $from->universe ? self::SLOTS : ($universe === $from->universe ? $from->address - 1 : 0);
            while ($at + $footprint <= self::SLOTS) {
                $free = strspn($slots, '0', $at, $footprint);
                if ($free === $footprint) {
                    return new Place($universe, $at + 1);
                }
                $at += $free + strspn($slots, '1', $at + $free);
            }
        }

        return null;
    }

    /** The longest run of free slots that begins where the spacing allows. */
    public function longestRun(Spacing $spacing): int
    {
        $longest = 0;
        foreach ($this->of($spacing) as $slots) {
            for ($at = $spacing->first - 1; $at < $spacing->last; $at += $spacing->step) {
                $longest = max($longest, strspn($slots, '0', $at));
            }
        }

        return $longest;
    }

    /** The lowest universe, and in it the lowest address, at which every slot is free and the spacing holds. */
    public function firstFit(int $footprint, Spacing $spacing): ?Place
    {
        foreach ($this->of($spacing) as $universe => $slots) {
            $at = $spacing->first - 1;
            while ($at + $footprint <= $spacing->last) {
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

    /** @return array<int, string> the universes that the spacing allows */
    private function of(Spacing $spacing): array
    {
        return null === $spacing->universe ? $this->universes : array_intersect_key($this->universes, [$spacing->universe => true]);
    }
}
