<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\World;
use Rigger\Core\Patch\Place;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Text\Names;

/** Units go to another address together: one, or twins on one piece of tape. */
final readonly class MoveUnits implements Change
{
    /**
     * @param list<string> $units
     * @param string       $to    as typed: "37", "1/37", "1.037"
     */
    public function __construct(#[Ids('Say which units to move.')] public array $units, public string $to)
    {
    }

    /** To a place that is known. */
    public static function at(Place $place, string ...$units): self
    {
        return new self(array_values($units), $place->universe.'/'.$place->address);
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $units = array_map($rig->unit(...), $this->units);
        $moved = [];
        foreach ($units as $unit) {
            $moved[] = $unit->movedTo(Place::typed($this->to, $unit->place->universe));
        }
        $said = 1 === \count($units)
            ? \sprintf('Moved %s from %s to %s', $units[0]->name, $units[0]->place->words(), $moved[0]->place->words())
            : \sprintf(
                'Moved %s together to %s',
                Names::few(array_map(static fn (Unit $unit): string => $unit->name, $units)),
                $moved[0]->place->words(),
            );

        return new Applied($rig->withUnits(...$moved), $said);
    }
}
