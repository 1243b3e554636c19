<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

/**
 * One stretch of a channel's values and what it does there.
 *
 * `from` and `to` are as the chart says, even when turned round or outside 0 to 255: that is for ProfileCheck to find.
 */
final readonly class Range
{
    /**
     * @param float|null  $start   quantity at `from`; null where the function has none or the maker gives none
     * @param float|null  $end     quantity at `to`
     * @param string|null $emitter key of the emitter driven
     * @param string|null $hex     "#rrggbb" of a preset or wheel slot
     * @param int|null    $slot    of a wheel, a gobo wheel, …
     */
    public function __construct(
        public int $from,
        public int $to,
        public string $label,
        public RangeFunction $function,
        public ?float $start = null,
        public ?float $end = null,
        public ?string $emitter = null,
        public ?string $hex = null,
        public ?int $slot = null,
    ) {
    }

    /** The same over other values; what it sweeps still goes from one end to the other. */
    public function over(int $from, int $to): self
    {
        return new self($from, $to, $this->label, $this->function, $this->start, $this->end, $this->emitter, $this->hex, $this->slot);
    }

    public function sweeping(?float $start, ?float $end): self
    {
        return new self($this->from, $this->to, $this->label, $this->function, $start, $end, $this->emitter, $this->hex, $this->slot);
    }

    public function called(string $label): self
    {
        return new self($this->from, $this->to, $label, $this->function, $this->start, $this->end, $this->emitter, $this->hex, $this->slot);
    }

    public function isBackwards(): bool
    {
        return $this->from > $this->to;
    }

    public function holds(int $value): bool
    {
        return $this->from <= $value && $value <= $this->to;
    }

    /** Whether any of the values 0 to 255 lies in it. */
    public function isReachable(): bool
    {
        return !$this->isBackwards() && $this->to >= 0 && $this->from <= 255;
    }

    /**
     * The quantity at a value inside the range, or null when unknown.
     *
     * q(v) = start + (v − from)/(to − from)·(end − start); with a fine byte f, v is v + f/256 and the span ends at
     * to + 255/256, so that it is never empty.
     */
    public function quantityAt(int $value, ?int $fine = null): ?float
    {
        if (null === $this->start || null === $this->end) {
            return null;
        }
        if (null !== $fine) {
            $share = ($value + $fine / 256 - $this->from) / ($this->to + 255 / 256 - $this->from);
        } elseif ($this->from === $this->to) {
            return $this->start;
        } else {
            $share = ($value - $this->from) / ($this->to - $this->from);
        }

        return $this->start + $share * ($this->end - $this->start);
    }

    /** The value, 0 to 255 in a sound chart, at which its level is greatest: the end that it rises to. */
    public function full(): int
    {
        return ($this->end ?? 1.0) >= ($this->start ?? 0.0) ? $this->to : $this->from;
    }

    /** The value half-way, rounded down. */
    public function middle(): int
    {
        return intdiv($this->from + $this->to, 2);
    }

    /** "0–23", or "12" for a single value. */
    public function span(): string
    {
        return $this->from === $this->to ? (string) $this->from : $this->from.'–'.$this->to;
    }

    /** The label, or the function where the chart gives none. */
    public function title(): string
    {
        return '' === trim($this->label) ? ucfirst(str_replace('-', ' ', $this->function->value)) : $this->label;
    }
}
