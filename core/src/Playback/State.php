<?php

declare(strict_types=1);

namespace Rigger\Core\Playback;

use Rigger\Core\Desk\DeskState;

/** Where everything at one seat stands: the desk's faders and keys, what is being tried, and the seat's own time. */
final readonly class State
{
    /**
     * @param string|null          $recalled id of the look that was recalled last, as long as no fader was moved since
     * @param array<int, int>|null $instead  value by address that is sent in the place of the faders; null when they decide
     * @param float                $time     seconds since the seat was taken
     */
    public function __construct(
        public DeskState $desk = new DeskState([]),
        public ?string $recalled = null,
        public ?Trial $trial = null,
        public ?array $instead = null,
        public float $time = 0.0,
    ) {
    }

    /** Of somebody who sits down at a rig: its first look, where it has one. */
    public static function start(CompiledRig $rig): self
    {
        $first = array_key_first($rig->looks);

        return null === $first ? new self() : new self(new DeskState($rig->looks[$first]), $first);
    }

    /** @param float $seconds 0 or more */
    public function after(float $seconds): self
    {
        return $seconds <= 0.0 ? $this : new self($this->desk, $this->recalled, $this->trial, $this->instead, $this->time + $seconds);
    }

    /** Faders were moved by hand, so no look is what is seen any more. */
    public function moved(DeskState $desk): self
    {
        return new self($desk, null, $this->trial, $this->instead, $this->time);
    }

    /** Master, blackout or cross faders: the look under them stays the look it is. */
    public function under(DeskState $desk): self
    {
        return new self($desk, $this->recalled, $this->trial, $this->instead, $this->time);
    }

    public function showing(string $look, DeskState $desk): self
    {
        return new self($desk, $look, $this->trial, $this->instead, $this->time);
    }

    public function trying(?Trial $trial): self
    {
        return new self($this->desk, $this->recalled, $trial, $this->instead, $this->time);
    }

    /** @param array<int, int>|null $slots value by address; null gives the faders back */
    public function sending(?array $slots): self
    {
        return new self($this->desk, $this->recalled, $this->trial, $slots, $this->time);
    }
}
