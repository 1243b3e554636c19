<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Look;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** Another place in the desk's memory. */
final readonly class StoreLook implements Change
{
    public function __construct(
        public string $look,
        #[Within(1, 512, 'Banks are counted from 1, and {value} is none.')] public int $bank,
        #[Within(1, 512, 'Scenes are counted from 1, and {value} is none.')] public int $number,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $look = $rig->look($this->look);
        Memory::requireFree($rig, $this->bank, $this->number, $look);

        return new Applied(
            $rig->withLooks($look->storedAt($this->bank, $this->number)),
            \sprintf('Moved %s to bank %d, scene %d', $look->name, $this->bank, $this->number),
        );
    }
}
