<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Look;

use Rigger\Core\Look\UnitIntent;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Unit;

/**
 * What a unit is meant to do in a look.
 *
 * @internal
 */
final class Meant
{
    /** As it was said; else what its faders show there; at full where the look leaves it alone, or nobody can tell. */
    public static function now(Look $look, Unit $unit): UnitIntent
    {
        $values = $look->values[$unit->id] ?? null;
        $mode = $unit->at->compiled();
        $solver = $unit->at->solver();
        if (isset($look->intents[$unit->id]) || null === $values || null === $mode || null === $solver
            || \count($values) !== $unit->footprint()
        ) {
            return $look->intents[$unit->id] ?? new UnitIntent();
        }

        return UnitIntent::shown($mode->light($values), $solver);
    }
}
