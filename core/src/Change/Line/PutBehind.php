<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Line;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Wholes;
use Rigger\Core\Change\World;
use Rigger\Core\Line\Radio\Kit;
use Rigger\Core\Rig\Rig;

/** A unit is chained behind a receiver that others share, or put on outputs of it. */
final readonly class PutBehind implements Change
{
    /** @param list<int>|null $outputs one for each of its channels; null for the next that are free */
    public function __construct(
        public string $unit,
        public string $receiver,
        #[Wholes(1, Kit::MOST_OUTPUTS)] public ?array $outputs = null,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit);
        $receiver = $rig->receiver($this->receiver);
        $rig = Outputs::put($rig, $unit, $receiver, $this->outputs);
        $outputs = $rig->unit($unit->id)->outputs;

        return new Applied($rig, null === $outputs
            ? \sprintf('Put %s behind receiver %s', $unit->name, $receiver->label)
            : \sprintf('Put %s on output %s of %s', $unit->name, implode(', ', $outputs), $receiver->label));
    }
}
