<?php

declare(strict_types=1);

namespace Rigger\Core\Playback;

/**
 * When a frame may go: at once after 25 ms of quiet, else 25 ms after the last one, so that there are 40 in a second at most.
 *
 * A moment counts as it was meant and not as it came about: a timer that is late makes the next one no later, and nothing drifts.
 */
final readonly class Pace
{
    /** Seconds between frames, as a desk refreshes. */
    public const GAP = 0.025;

    /** @param float|null $last when the last frame was meant to go; null before the first */
    public function __construct(private ?float $last = null)
    {
    }

    /** The moment at which a frame may go that is asked for now: now, or later. */
    public function due(float $now): float
    {
        return null === $this->last ? $now : max($now, $this->last + self::GAP);
    }

    /**
     * A frame went that was meant for a moment.
     *
     * @param float $due as due() said
     */
    public function went(float $due): self
    {
        return new self($due);
    }

    /** The moment at which a frame goes again though nothing was asked for, so many seconds after the last; null before the first. */
    public function idle(float $seconds): ?float
    {
        return null === $this->last ? null : $this->last + $seconds;
    }
}
