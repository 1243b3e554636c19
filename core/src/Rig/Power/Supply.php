<?php

declare(strict_types=1);

namespace Rigger\Core\Rig\Power;

use Rigger\Core\Power\Battery;

/** What of a unit's power somebody has said. */
final readonly class Supply
{
    public const MOST_WATTS = 100_000.0;

    /**
     * @param float|null        $watts      as its plate says; null for what its chart says
     * @param array<int, float> $lamps      watts of the lamp on each socket of a pack, by cell, ascending
     * @param float|null        $packAmps   that a pack stands in all
     * @param float|null        $socketAmps that one of its sockets stands
     */
    public function __construct(
        public ?float $watts = null,
        public array $lamps = [],
        public ?float $packAmps = null,
        public ?float $socketAmps = null,
        public ?Battery $battery = null,
        public ?TapeWiring $tape = null,
    ) {
    }

    public function isEmpty(): bool
    {
        return null === $this->watts && [] === $this->lamps && null === $this->packAmps && null === $this->socketAmps
            && null === $this->battery && null === $this->tape;
    }

    public function rated(?float $watts, ?float $packAmps, ?float $socketAmps): self
    {
        return new self($watts, $this->lamps, $packAmps, $socketAmps, $this->battery, $this->tape);
    }

    /** @param float|null $watts null for an empty socket */
    public function loaded(int $cell, ?float $watts): self
    {
        $lamps = $this->lamps;
        unset($lamps[$cell]);
        if (null !== $watts) {
            $lamps[$cell] = $watts;
        }
        ksort($lamps);

        return new self($this->watts, $lamps, $this->packAmps, $this->socketAmps, $this->battery, $this->tape);
    }

    public function onBattery(?Battery $battery): self
    {
        return new self($this->watts, $this->lamps, $this->packAmps, $this->socketAmps, $battery, $this->tape);
    }

    public function taped(?TapeWiring $tape): self
    {
        return new self($this->watts, $this->lamps, $this->packAmps, $this->socketAmps, $this->battery, $tape);
    }
}
