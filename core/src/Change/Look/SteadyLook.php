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
            $steady = Steady::values($rig->unit($id)->mode(), $values);
            $look = $steady === $values ? $look : $look->with($id, $steady);
        }

        return new Applied($rig->withLooks($look), \sprintf('Made %s steady', $look->name));
    }
}
