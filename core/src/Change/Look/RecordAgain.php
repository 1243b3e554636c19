<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Look;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Slots;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** A look takes what stands on the faders now. */
final readonly class RecordAgain implements Change
{
    /** @param array<int, int> $slots value by address, in the desk's universe */
    public function __construct(public string $look, #[Slots] public array $slots)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $look = $rig->look($this->look);
        foreach (Memory::values($rig, $this->slots) as $unit => $values) {
            $look = $look->with($unit, $values);
        }

        return new Applied($rig->withLooks($look), \sprintf('Recorded %s again from the faders', $look->name));
    }
}
