<?php

declare(strict_types=1);

namespace Rigger\Core\Rig\Power;

/** Where units are plugged in: a breaker of the house, or an outlet that is fed by another circuit and has a limit of its own. */
final readonly class Circuit
{
    public const MOST = 200;
    public const MOST_AMPS = 400.0;

    /**
     * @param float       $amps  of the breaker, or what the outlet and its lead stand
     * @param string|null $fedBy circuit that an outlet hangs on; null for a breaker
     */
    public function __construct(public string $id, public string $name, public float $amps, public ?string $fedBy = null)
    {
    }

    public function isBreaker(): bool
    {
        return null === $this->fedBy;
    }

    public function with(string $name, float $amps, ?string $fedBy): self
    {
        return new self($this->id, $name, $amps, $fedBy);
    }
}
