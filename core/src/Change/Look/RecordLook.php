<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Look;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Slots;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Rig;

/** A scene as it stands on the faders, at a free place of the desk's memory. */
final readonly class RecordLook implements Change
{
    /** @param array<int, int> $slots value by address, in the desk's universe */
    public function __construct(
        public string $name,
        #[Within(1, 512, 'Banks are counted from 1, and {value} is none.')] public int $bank,
        #[Within(1, 512, 'Scenes are counted from 1, and {value} is none.')] public int $number,
        #[Slots] public array $slots,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        Memory::requireFree($rig, $this->bank, $this->number, null);
        Memory::requireRoom($rig);
        $look = new Look(
            $world->newId(),
            Limits::name($this->name, 'name'),
            $this->bank,
            $this->number,
            Memory::values($rig, $this->slots),
        );

        return new Applied(
            $rig->withLooks($look),
            \sprintf('Recorded %s at bank %d, scene %d', $look->name, $this->bank, $this->number),
            [$look->id],
        );
    }
}
