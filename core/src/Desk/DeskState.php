<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** Where everything on a desk stands. Values are 0 to 255. */
final readonly class DeskState
{
    /**
     * @param array<int, int> $slots     what the faders hold, by address; of a desk with two rows, the first
     * @param array<int, int> $secondRow the second row's, by address, while two rows crossfade
     */
    public function __construct(
        public array $slots,
        public array $secondRow = [],
        public int $master = 255,
        public bool $isBlackout = false,
        public int $crossA = 255,
        public int $crossB = 0,
    ) {
    }

    /**
     * @param array<int, int>|null $slots
     * @param array<int, int>|null $secondRow
     */
    public function with(
        ?array $slots = null,
        ?array $secondRow = null,
        ?int $master = null,
        ?bool $isBlackout = null,
        ?int $crossA = null,
        ?int $crossB = null,
    ): self {
        return new self(
            $slots ?? $this->slots,
            $secondRow ?? $this->secondRow,
            $master ?? $this->master,
            $isBlackout ?? $this->isBlackout,
            $crossA ?? $this->crossA,
            $crossB ?? $this->crossB,
        );
    }
}
