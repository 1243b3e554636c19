<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** LED tape behind a unit, and its wire. */
final readonly class TapeView
{
    /**
     * @param string                 $verdict   of the drop: ok, high or too_high
     * @param float|null             $fuse      at the battery or supply; null above what blades are made for
     * @param float                  $wireAmps  fuse that protects the wire at most
     * @param list<TapeTerminalView> $terminals
     */
    public function __construct(
        public float $volts,
        public float $wattsPerMetre,
        public float $metres,
        public float $wireMetres,
        public float $mm2,
        public float $watts,
        public float $amps,
        public float $dropVolts,
        public float $percent,
        public string $verdict,
        public ?float $fuse,
        public float $wireAmps,
        public array $terminals,
    ) {
    }
}
