<?php

declare(strict_types=1);

namespace Rigger\Core\Patch;

use Rigger\Core\Input\InputError;

/**
 * The slots that one fixture listens to: its address and the ones after it, as many as its mode has channels.
 *
 * Seven channels at 30 are 30 to 36. A span may run past 512; `fits` tells.
 */
final readonly class Span
{
    public const LAST_SLOT = 512;

    private function __construct(public int $first, public int $footprint)
    {
        if ($first < 1 || $first > self::LAST_SLOT) {
            throw InputError::addressOutOfRange('address', $first);
        }
        if ($footprint < 1 || $footprint > self::LAST_SLOT) {
            throw InputError::outOfRange('footprint', $footprint, '1 to 512');
        }
    }

    /**
     * @param int $address   1 to 512
     * @param int $footprint number of channels, 1 to 512
     *
     * @throws InputError address_out_of_range, out_of_range
     */
    public static function at(int $address, int $footprint): self
    {
        return new self($address, $footprint);
    }

    /** The last slot, past 512 when it overruns. */
    public function last(): int
    {
        return $this->first + $this->footprint - 1;
    }

    /** The last slot that exists in the universe. */
    public function lastInUniverse(): int
    {
        return min($this->last(), self::LAST_SLOT);
    }

    /** The address right after, or null when that is past 512. */
    public function next(): ?int
    {
        return $this->last() < self::LAST_SLOT ? $this->last() + 1 : null;
    }

    public function fits(): bool
    {
        return $this->last() <= self::LAST_SLOT;
    }

    /** "085–088", or "085" for one: slots are written with three digits. */
    public static function words(int $from, int $to): string
    {
        return $from === $to ? \sprintf('%03d', $from) : \sprintf('%03d–%03d', $from, $to);
    }

    /** @return array{int, int}|null first and last slot that both hold */
    public function shared(self $other): ?array
    {
        $from = max($this->first, $other->first);
        $to = min($this->lastInUniverse(), $other->lastInUniverse());

        return $from <= $to ? [$from, $to] : null;
    }
}
