<?php

declare(strict_types=1);

namespace Rigger\Core\Rig\Power;

use Rigger\Core\Power\Wire;

/** LED tape on a wire: common positive, dimmed on the minus side. */
final readonly class TapeWiring
{
    /** Copper, flexible, in mm², with the amperes that a fuse before it may have (DIN VDE 0298-4, flexible cords). */
    public const WIRES = ['0.5' => 3.0, '0.75' => 6.0, '1' => 10.0, '1.5' => 16.0, '2.5' => 25.0, '4' => 32.0, '6' => 40.0, '10' => 63.0];
    /** Blade fuses as they are sold, in amperes. */
    private const FUSES = [1.0, 2.0, 3.0, 5.0, 7.5, 10.0, 15.0, 20.0, 25.0, 30.0, 40.0];
    /** A fuse is chosen a quarter above what flows, so that it stands. */
    private const HEADROOM = 1.25;
    private const NEAR = 1e-9;

    /**
     * @param float $volts         of the tape: 5, 12, 24
     * @param float $wattsPerMetre with every colour at full
     * @param float $metres        of tape
     * @param float $wireMetres    from the battery or supply to the tape, one way
     * @param float $mm2           of that wire
     */
    public function __construct(
        public float $volts,
        public float $wattsPerMetre,
        public float $metres,
        public float $wireMetres,
        public float $mm2,
    ) {
    }

    public function watts(): float
    {
        return $this->wattsPerMetre * $this->metres;
    }

    public function amps(): float
    {
        return $this->watts() / $this->volts;
    }

    public function drop(): Wire
    {
        return Wire::of($this->amps(), $this->wireMetres, $this->mm2, $this->volts);
    }

    /** The smallest fuse that stands what flows; null above what blades are made for. */
    public function fuse(): ?float
    {
        foreach (self::FUSES as $amps) {
            if ($amps >= $this->amps() * self::HEADROOM - self::NEAR) {
                return $amps;
            }
        }

        return null;
    }

    /** The greatest fuse that protects the wire. */
    public function wireAmps(): float
    {
        $most = 0.0;
        foreach (self::WIRES as $mm2 => $amps) {
            $most = (float) $mm2 <= $this->mm2 + self::NEAR ? $amps : $most;
        }

        return $most;
    }

    public function isProtected(): bool
    {
        return null !== $this->fuse() && $this->fuse() <= $this->wireAmps();
    }

    /** The thinnest wire that loses 3 % at most and is protected by the fuse; null where none does. */
    public function enough(): ?float
    {
        foreach (array_keys(self::WIRES) as $mm2) {
            $other = new self($this->volts, $this->wattsPerMetre, $this->metres, $this->wireMetres, (float) $mm2);
            if ('ok' === $other->drop()->verdict() && $other->isProtected()) {
                return (float) $mm2;
            }
        }

        return null;
    }
}
