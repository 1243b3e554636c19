<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Lines;

use Rigger\Core\Line\Radio\LampSign;

/** One step of a pairing card. */
final readonly class PairingStep
{
    /**
     * @param float|null    $from seconds after switching on from which it may be done; null where time does not matter
     * @param float|null    $to   seconds after switching on by which it must be done
     * @param LampSign|null $lamp what is to be seen then
     */
    public function __construct(
        public string $words,
        public ?float $from = null,
        public ?float $to = null,
        public ?LampSign $lamp = null,
    ) {
    }
}
