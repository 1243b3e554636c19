<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Patch;

/** How an operator wants the rig numbered. */
final readonly class NumberingWish
{
    /**
     * @param bool   $isFewest units stay where they are unless they must move
     * @param string $spacing  packed, round, stride, buttons (where the desk's begin) or blocks (of a type; afresh only)
     * @param int    $step     of round and stride
     * @param int    $first    of stride
     * @param int    $spare    slots left free after each block of a type
     */
    public function __construct(
        public bool $isFewest,
        public string $spacing,
        public int $step,
        public int $first,
        public int $universes,
        public int $spare,
    ) {
    }

    public function over(int $universes): self
    {
        return new self(false, $this->spacing, $this->step, $this->first, $universes, $this->spare);
    }
}
