<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Rig\Power\Circuit;
use Rigger\Core\Rig\Power\Distribution;
use Rigger\Core\Rig\Power\PowerTerms;

/**
 * Circuits of a rig, and what is plugged into them.
 *
 * @internal part of Rig
 */
trait RigPower
{
    /** @throws NotThere */
    public function circuit(string $id): Circuit
    {
        return $this->circuits[$id] ?? throw NotThere::circuit();
    }

    public function distribution(): Distribution
    {
        return $this->distribution ??= new Distribution($this);
    }

    public function withCircuit(Circuit $circuit): self
    {
        $rig = $this->another();
        $rig->circuits[$circuit->id] = $circuit;

        return $rig;
    }

    /** Its units are plugged in nowhere then, and its outlets hang on what fed it. */
    public function withoutCircuit(string $id): self
    {
        $rig = $this->another();
        $feeder = ($rig->circuits[$id] ?? null)?->fedBy;
        unset($rig->circuits[$id]);
        $rig->circuits = array_map(
            static fn (Circuit $one): Circuit => $one->fedBy === $id ? $one->with($one->name, $one->amps, $feeder) : $one,
            $rig->circuits,
        );
        $rig->units = array_map(
            static fn (Unit $unit): Unit => $unit->circuitId === $id ? $unit->pluggedInto(null) : $unit,
            $rig->units,
        );

        return $rig;
    }

    public function poweredBy(PowerTerms $power): self
    {
        $rig = $this->another();
        $rig->power = $power;

        return $rig;
    }
}
