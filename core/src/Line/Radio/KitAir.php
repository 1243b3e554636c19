<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio;

/** What a kit does in the air, where its leaflet says so. */
final readonly class KitAir
{
    /**
     * @param float|null          $powerDbm       that the sender sends with
     * @param array{float, float} $gains          of the sender's and the receiver's aerial, in dB
     * @param float|null          $sensitivityDbm that the receiver needs
     * @param int|null            $part           part whose values have frequencies of their own; null where all share the band
     * @param list<float>         $mhz            centre of each of that part's values
     * @param float               $width          in MHz, of each
     */
    public function __construct(
        public ?float $powerDbm,
        public array $gains,
        public ?float $sensitivityDbm,
        public ?int $part,
        public array $mhz,
        public float $width,
    ) {
    }
}
