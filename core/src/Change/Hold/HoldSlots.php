<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Hold;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Rig;

/** Slots that somebody else plays, the house or another desk, are held by name: no plan touches them. */
final readonly class HoldSlots implements Change
{
    public function __construct(
        #[Within(1, Limits::UNIVERSES, 'There is no universe {value}.')] public int $universe,
        #[Within(1, 512, 'A slot is 1 to 512.')] public int $from,
        #[Within(1, 512, 'A slot is 1 to 512.')] public int $to,
        public string $name,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        if (\count($rig->holds) >= Limits::HOLDS) {
            throw Limits::tooManyHolds();
        }
        $held = SlotRange::held($rig, null, $world->newId(), $this->name, $this->universe, $this->from, $this->to);

        return new Applied(
            $rig->withHold($held),
            \sprintf('Held %s for %s', SlotRange::words($rig, $held), $held->name),
            [$held->id],
        );
    }
}
