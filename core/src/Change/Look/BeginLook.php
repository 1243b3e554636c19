<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Look;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Rig;

/** A look that says nothing of any unit yet, at a free place of the desk's memory. */
final readonly class BeginLook implements Change
{
    public function __construct(
        public string $name,
        #[Within(1, 512, 'Banks are counted from 1, and {value} is none.')] public int $bank,
        #[Within(1, 512, 'Scenes are counted from 1, and {value} is none.')] public int $number,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        Memory::requireFree($rig, $this->bank, $this->number, null);
        Memory::requireRoom($rig);
        $look = new Look($world->newId(), Limits::name($this->name, 'name'), $this->bank, $this->number, []);

        return new Applied(
            $rig->withLooks($look),
            \sprintf('Began %s at bank %d, scene %d', $look->name, $this->bank, $this->number),
            [$look->id],
        );
    }
}
