<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Desk;

use Rigger\Core\Desk\Want;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** What an operator wants of one unit at the desk. */
final readonly class UnitWish
{
    /**
     * @param list<string> $wants words of Want: dimmer, colour, flash, movement, patterns, cells, no-programs
     * @param string|null  $with  unit named earlier, whose button it shares
     */
    public function __construct(public string $unit, public array $wants, public ?string $with = null)
    {
    }

    /**
     * What every unit of a rig does now, as wishes to begin with.
     *
     * @return list<self>
     */
    public static function now(Rig $rig): array
    {
        $first = [];
        $wishes = [];
        foreach ($rig->units as $unit) {
            $profile = $unit->revision()->profile;
            $met = array_filter(self::possible($unit), static fn (Want $want): bool => $want->isMetBy($profile, $unit->mode()));
            $wishes[] = new self(
                $unit->id,
                array_values(array_map(static fn (Want $want): string => $want->value, $met)),
                $first[$unit->twinKey()] ?? null,
            );
            $first[$unit->twinKey()] ??= $unit->id;
        }

        return $wishes;
    }

    /** @return list<Want> that one of the modes of its chart can meet */
    public static function possible(Unit $unit): array
    {
        return array_values(array_filter(Want::cases(), static fn (Want $want): bool => $want->isPossible($unit->revision()->profile)));
    }
}
