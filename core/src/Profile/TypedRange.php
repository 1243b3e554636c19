<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

/** What a typed value needs to know of a range. */
final readonly class TypedRange
{
    /**
     * @param string     $label as it stands beside the fader
     * @param float|null $start quantity at `from`; null when unknown or none
     * @param float|null $end   quantity at `to`
     */
    public function __construct(
        public int $from,
        public int $to,
        public string $label,
        public RangeFunction $function,
        public ?float $start = null,
        public ?float $end = null,
    ) {
    }

    /** Whether it is a share of something, from nothing to all: light, a colour, haze. */
    public function isLevel(): bool
    {
        return \in_array($this->function, [RangeFunction::Intensity, RangeFunction::Emitter, RangeFunction::Output], true)
            && null !== $this->start && null !== $this->end;
    }

    /** The value nearest to a quantity; of two equally near the greater light. */
    public function nearest(float $quantity): int
    {
        if (null === $this->start || null === $this->end || $this->from === $this->to || $this->start === $this->end) {
            return $this->end >= $this->start ? $this->to : $this->from;
        }
        $share = ($quantity - $this->start) / ($this->end - $this->start);
        $exact = $this->from + min(1.0, max(0.0, $share)) * ($this->to - $this->from);

        return $this->end > $this->start ? (int) floor($exact + 0.5 + 1e-9) : (int) ceil($exact - 0.5 - 1e-9);
    }

    public function greatest(): float
    {
        return max($this->start ?? 0.0, $this->end ?? 0.0);
    }
}
