<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Patch;

use Rigger\App\Rig\View\UnitView;
use Rigger\Core\Position\WalkOrder;

/** The order in which units stand on paper. */
enum ListOrder: string
{
    case Address = 'address';
    case Position = 'position';
    case Name = 'name';

    /**
     * @param list<UnitView> $units
     *
     * @return list<UnitView>
     */
    public function sort(array $units): array
    {
        usort($units, fn (UnitView $one, UnitView $other): int => match ($this) {
            self::Address => [$one->universe, $one->address] <=> [$other->universe, $other->address],
            self::Position => WalkOrder::compare($one->position, $one->spot?->x, $other->position, $other->spot?->x),
            self::Name => strnatcasecmp($one->name, $other->name),
        });

        return $units;
    }
}
