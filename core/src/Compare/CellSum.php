<?php

declare(strict_types=1);

namespace Rigger\Core\Compare;

use Rigger\Core\Profile\Mode;

/** Cells times channels of a cell, and the channels for all of them, must add up to the mode's count. */
final readonly class CellSum
{
    /**
     * @param int       $cells   0 where the mode has none
     * @param int|null  $each    channels of each cell; null when the cells differ
     * @param int       $commons channels for the whole fixture
     * @param int       $stated  the count that the manual gives
     * @param list<int> $uneven  cells that have fewer channels than the largest
     */
    private function __construct(
        public int $cells,
        public ?int $each,
        public int $commons,
        public int $stated,
        public int $listed,
        public array $uneven,
    ) {
    }

    public static function of(Mode $mode): self
    {
        $byCell = [];
        $commons = 0;
        foreach ($mode->channels as $channel) {
            if (null === $channel->cell) {
                ++$commons;
            } else {
                $byCell[$channel->cell] = ($byCell[$channel->cell] ?? 0) + 1;
            }
        }
        ksort($byCell);
        $most = [] === $byCell ? 0 : max($byCell);

        return new self(
            \count($byCell),
            [] === $byCell || 1 === \count(array_unique($byCell)) ? $most : null,
            $commons,
            $mode->count,
            \count($mode->channels),
            array_keys(array_filter($byCell, static fn (int $count): bool => $count < $most)),
        );
    }

    public function missing(): int
    {
        return $this->stated - $this->listed;
    }

    public function sentence(): string
    {
        $sum = 0 === $this->cells
            ? \sprintf('%d listed', $this->listed)
            : (null === $this->each
                ? \sprintf(
                    '%d cells, of which %s %s fewer channels, + %d for all',
                    $this->cells,
                    implode(', ', $this->uneven),
                    1 === \count($this->uneven) ? 'has' : 'have',
                    $this->commons,
                )
                : \sprintf('%d cells × %d + %d for all = %d', $this->cells, $this->each, $this->commons, $this->listed));
        $missing = $this->missing();

        return $sum.match (true) {
            0 === $missing => ', as stated.',
            $missing > 0 => \sprintf(': %d of %d %s unaccounted for.', $missing, $this->stated, 1 === $missing ? 'is' : 'are'),
            default => \sprintf(': %d more than the %d stated.', -$missing, $this->stated),
        };
    }
}
