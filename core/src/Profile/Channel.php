<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

/** One channel of a mode: its place in the footprint and what its values do. */
final readonly class Channel
{
    /**
     * @param int         $offset  1 for the channel at the fixture's address, 2 for the next, …
     * @param int|null    $cell    the part of the fixture it acts on; null for the whole
     * @param int|null    $fineOf  offset of the channel whose low byte this is
     * @param int         $default resting value, 0 to 255
     * @param list<Range> $ranges  in the chart's order; those of a fine channel are ignored
     */
    public function __construct(
        public int $offset,
        public string $label,
        public ?int $cell = null,
        public ?int $fineOf = null,
        public int $default = 0,
        public array $ranges = [],
    ) {
    }

    /** @param list<Range> $ranges */
    public function withRanges(array $ranges): self
    {
        return new self($this->offset, $this->label, $this->cell, $this->fineOf, $this->default, $ranges);
    }

    public function at(int $offset, ?int $fineOf = null): self
    {
        return new self($offset, $this->label, $this->cell, $fineOf, $this->default, $this->ranges);
    }

    public function isFine(): bool
    {
        return null !== $this->fineOf;
    }

    /** Index of the first range that holds the value, or null in a gap and for a fine channel. */
    public function rangeIndexAt(int $value): ?int
    {
        if ($this->isFine()) {
            return null;
        }
        foreach ($this->ranges as $index => $range) {
            if ($range->holds($value)) {
                return $index;
            }
        }

        return null;
    }

    public function rangeAt(int $value): ?Range
    {
        $index = $this->rangeIndexAt($value);

        return null === $index ? null : $this->ranges[$index];
    }

    public function actsOn(int $cell): bool
    {
        return null === $this->cell || $this->cell === $cell;
    }

    /** The first range of a function, in the chart's order; null for none, and for a fine channel. */
    public function first(RangeFunction $function): ?Range
    {
        foreach ($this->isFine() ? [] : $this->ranges as $range) {
            if ($range->function === $function) {
                return $range;
            }
        }

        return null;
    }

    public function has(RangeFunction ...$functions): bool
    {
        foreach ($this->ranges as $range) {
            if (!$this->isFine() && \in_array($range->function, $functions, true)) {
                return true;
            }
        }

        return false;
    }

    /** "Shutter (7)". */
    public function title(): string
    {
        return '' === trim($this->label) ? 'Channel '.$this->offset : $this->label.' ('.$this->offset.')';
    }
}
