<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Hold;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** Held slots are anybody's again. */
final readonly class ReleaseSlots implements Change
{
    public function __construct(public string $hold)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $held = $rig->hold($this->hold);

        return new Applied(
            $rig->withoutHold($held->id),
            \sprintf('Released %s, held for %s', SlotRange::words($rig, $held), $held->name),
        );
    }
}
