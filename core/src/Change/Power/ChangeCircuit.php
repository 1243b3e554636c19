<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Power;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Refused;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Power\Circuit;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Figure;

/** A circuit gets another name or limit, or hangs elsewhere; what is left out stays. */
final readonly class ChangeCircuit implements Change
{
    /**
     * @param string|null $fedBy     circuit that it hangs on
     * @param bool        $isBreaker it hangs on none: a breaker of the house
     */
    public function __construct(
        public string $circuit,
        public ?string $name = null,
        #[Within(0.1, Circuit::MOST_AMPS, 'Amperes are 0.1 to 400.')] public ?float $amps = null,
        public ?string $fedBy = null,
        public bool $isBreaker = false,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $was = $rig->circuit($this->circuit);
        $feeder = null === $this->fedBy ? null : $rig->circuit($this->fedBy);
        if (null !== $feeder && $rig->distribution()->isBehind($feeder->id, $was->id)) {
            throw Refused::because('loop', $feeder->id === $was->id
                ? \sprintf('%s cannot feed itself.', $was->name)
                : \sprintf('%s hangs on %s already: it cannot feed it.', $feeder->name, $was->name));
        }
        $is = $was->with(
            null === $this->name ? $was->name : Limits::name($this->name, 'name'),
            $this->amps ?? $was->amps,
            $this->isBreaker ? null : $feeder->id ?? $was->fedBy,
        );
        $said = array_filter([
            $is->name === $was->name ? null : \sprintf('Renamed %s to %s', $was->name, $is->name),
            $is->amps === $was->amps ? null : \sprintf('%s is of %s A', $is->name, Figure::short($is->amps)),
            $is->fedBy === $was->fedBy ? null : \sprintf('%s hangs on %s', $is->name, $feeder->name ?? 'the house'),
        ], is_string(...));

        return new Applied($rig->withCircuit($is), [] === $said ? 'Left '.$was->name.' as it is' : implode('; ', $said));
    }
}
