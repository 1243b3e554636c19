<?php

declare(strict_types=1);

namespace Rigger\Core\Compare;

use Rigger\Core\Desk\Desk;
use Rigger\Core\Patch\Span;
use Rigger\Core\Profile\Mode;

/** What a mode takes up: slots of a universe, faders of a desk; and whether its cells account for its channels. */
final readonly class ModeCost
{
    private function __construct(
        public int $channels,
        /** Units of it that a universe holds at the most. */
        public int $unitsInAUniverse,
        /** Slots that so many units take, each at an address of its own. */
        public int $slots,
        /** Faders under one key of the desk; null where no desk is chosen or it has no keys for fixtures. */
        public ?int $fadersOfDesk,
        public CellSum $cells,
    ) {
    }

    public static function of(Mode $mode, int $units, ?Desk $desk): self
    {
        $channels = $mode->footprint();

        return new self(
            $channels,
            0 === $channels ? 0 : intdiv(Span::LAST_SLOT, $channels),
            $channels * $units,
            $desk?->reach(),
            CellSum::of($mode),
        );
    }

    public function sentence(): string
    {
        if (null === $this->fadersOfDesk) {
            return '';
        }
        $over = $this->channels - $this->fadersOfDesk;

        return $over > 0
            ? \sprintf('%d of its %d channels have no fader.', $over, $this->channels)
            : \sprintf('It uses %d of %d faders.', $this->channels, $this->fadersOfDesk);
    }
}
