<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Plan;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Position\Lineup;
use Rigger\Core\Position\Spot;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** Puts units of the stage plan in one row, one behind the other, or evenly apart. */
final readonly class LineUpUnits implements Change
{
    /**
     * @param list<string> $units
     * @param string       $how   row, column or spread
     */
    public function __construct(
        #[Ids] public array $units,
        #[OneOf(['row', 'column', 'spread'], 'Say row, column or spread.')] public string $how,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $how = Lineup::from($this->how);
        $units = array_values(array_filter(array_map($rig->unit(...), $this->units), static fn (Unit $unit): bool => null !== $unit->spot));
        if (\count($units) < (Lineup::Spread === $how ? 3 : 2)) {
            throw InputError::because(
                'missing',
                'units',
                Lineup::Spread === $how
                    ? 'Select three units or more that stand on the plan: the two outermost stay.'
                    : 'Select two units or more that stand on the plan.',
            );
        }
        $spots = $how->apply(array_map(static fn (Unit $unit): Spot => $unit->spot ?? new Spot(0, 0), $units));

        return new Applied($rig->withUnits(...array_map(
            static fn (Unit $unit, Spot $spot): Unit => $unit->putAt($spot),
            $units,
            $spots,
        )), \sprintf(match ($how) {
            Lineup::Row => 'Put %d units in one row',
            Lineup::Column => 'Put %d units one behind the other',
            Lineup::Spread => 'Spread %d units evenly',
        }, \count($units)));
    }
}
