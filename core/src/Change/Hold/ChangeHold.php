<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Hold;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Rig;

/** Held slots get another name, or begin or end elsewhere. */
final readonly class ChangeHold implements Change
{
    public function __construct(
        public string $hold,
        #[Within(1, Limits::UNIVERSES, 'There is no universe {value}.')] public int $universe,
        #[Within(1, 512, 'A slot is 1 to 512.')] public int $from,
        #[Within(1, 512, 'A slot is 1 to 512.')] public int $to,
        public string $name,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $was = $rig->hold($this->hold);
        $held = SlotRange::held($rig, $was->id, $was->id, $this->name, $this->universe, $this->from, $this->to);

        return new Applied($rig->withHold($held), \sprintf('Held %s for %s', SlotRange::words($rig, $held), $held->name));
    }
}
