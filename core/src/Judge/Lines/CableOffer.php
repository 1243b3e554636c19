<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Lines;

use Rigger\Core\Change\Proposal;
use Rigger\Core\Line\Cable\CablePlan;
use Rigger\Core\Line\Cable\LaidRun;
use Rigger\Core\Text\Figure;

/** One way to lay cable. */
final readonly class CableOffer
{
    public function __construct(public CablePlan $plan, public Proposal $proposal)
    {
    }

    /** How many units go dark at most when the first plug of a run is pulled. */
    public function mostAtOnce(): int
    {
        return max([0, ...array_map(static fn (LaidRun $run): int => \count($run->order), $this->plan->runs)]);
    }

    /** Cables for which no length of the van reaches. */
    public function joined(): int
    {
        $lengths = array_merge(...array_map(static fn (LaidRun $run): array => array_column($run->cables, 'length'), $this->plan->runs));

        return \count(array_filter($lengths, static fn (?float $length): bool => null === $length));
    }

    /** "64 m of cable. A plug that comes out leaves 9 units dark at most." */
    public function words(): string
    {
        $joined = $this->joined();

        return \sprintf(
            '%s m of cable. A first plug that comes out leaves %s dark%s.%s',
            Figure::short($this->plan->metres(), 1),
            1 === $this->mostAtOnce() ? 'one unit' : $this->mostAtOnce().' units',
            1 === \count($this->plan->runs) ? '' : ' at most, and the others play on',
            0 === $joined ? '' : \sprintf(' %s joined of pieces.', 1 === $joined ? 'One cable is' : $joined.' cables are'),
        );
    }
}
