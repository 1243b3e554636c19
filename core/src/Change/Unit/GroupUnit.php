<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Rig;

/** The groups that it is in. */
final readonly class GroupUnit implements Change
{
    /** @param string $groups names with commas between */
    public function __construct(public string $unit, public string $groups)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $names = array_values(array_filter(
            array_map(trim(...), explode(',', $this->groups)),
            static fn (string $one): bool => '' !== $one,
        ));
        $unit = $rig->unit($this->unit)->grouped(Limits::groups($names, 'groups'));

        return new Applied(
            $rig->withUnits($unit),
            [] === $unit->groups
                ? \sprintf('%s is in no group', $unit->name)
                : \sprintf('%s is in %s', $unit->name, implode(', ', $unit->groups)),
        );
    }
}
