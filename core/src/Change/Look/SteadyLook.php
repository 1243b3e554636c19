<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Look;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Light\Steady;
use Rigger\Core\Rig\Rig;

/** Takes every flash out of a look. */
final readonly class SteadyLook implements Change
{
    public function __construct(public string $look)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $look = $rig->look($this->look);
        foreach ($look->values as $id => $values) {
            $unit = $rig->unit($id);
            $solver = $unit->at->solver();
            $intent = $look->intents[$id] ?? null;
            if (null !== $intent && null !== $solver && $intent->flash > 0.0) {
                $look = $look->meaning($id, $intent->steady(), $intent->steady()->values($solver, $values));
                continue;
            }
            $steady = Steady::values($unit->mode(), $values);
            $look = $steady === $values ? $look : $look->with($id, $steady);
        }

        return new Applied($rig->withLooks($look), \sprintf('Made %s steady', $look->name));
    }
}
