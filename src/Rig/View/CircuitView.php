<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A circuit and what it carries. */
final readonly class CircuitView
{
    /**
     * @param float       $amps      of the breaker, or what the outlet stands
     * @param string|null $fedBy     circuit that it hangs on; null for a breaker
     * @param float       $watts     with everything up that hangs on it, outlets too
     * @param float       $limitAmps that may flow for hours
     * @param float       $share     of that limit; 1 is the limit
     * @param string      $verdict   ok, near or over
     * @param string|null $look      in which it takes most
     * @param float|null  $lookAmps  in that look
     */
    public function __construct(
        public string $id,
        public string $name,
        public float $amps,
        public ?string $fedBy,
        public float $watts,
        public float $drawnAmps,
        public float $limitAmps,
        public float $share,
        public string $verdict,
        public ?string $look,
        public ?float $lookAmps,
    ) {
    }
}
