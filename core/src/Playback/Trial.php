<?php

declare(strict_types=1);

namespace Rigger\Core\Playback;

/** Something that is tried: a fader held or blinked, or a walk over units or faders. It moves by the seat's own time alone. */
final readonly class Trial
{
    /** Seconds up, then as many down. Once a second is well below the rates that trouble people. */
    public const HALF_BLINK = 0.5;
    public const STEP_SECONDS = 3.0;
    /** Moments that are so near are one: times are sums of parts that have no end in binary. */
    private const NEAR = 1e-9;

    /**
     * @param int|null $address   of the fader that is held or blinked; null in a walk
     * @param int      $index     step of the walk at the time $since, from 0
     * @param bool     $isRunning the walk goes on by itself
     * @param float    $seconds   that each step of the walk lasts, above 0
     * @param float    $since     seat time from which it counts
     */
    public function __construct(
        public TrialKind $kind,
        public ?int $address,
        public float $since,
        public int $index = 0,
        public bool $isRunning = false,
        public float $seconds = self::STEP_SECONDS,
    ) {
    }

    public static function ofFader(TrialKind $kind, int $address, float $now): self
    {
        return new self($kind, $address, $now);
    }

    public static function walk(TrialKind $kind, float $seconds, float $now): self
    {
        return new self($kind, null, $now, 0, true, $seconds);
    }

    /** Another step of the walk, whole from now on. */
    public function at(int $index, float $now): self
    {
        return new self($this->kind, $this->address, $now, $index, $this->isRunning, $this->seconds);
    }

    /** The walk pauses where it is, goes on from there, or goes at another pace. */
    public function running(bool $isRunning, float $seconds, float $now): self
    {
        return new self($this->kind, $this->address, $now, $this->stepAt($now), $isRunning, $seconds);
    }

    /** The step at a time, counted on and on; which of the walk's steps that is depends on how many there are. */
    public function stepAt(float $now): int
    {
        return $this->index + $this->stepsSince($now);
    }

    /** Whether the fader that goes up and down is up; it begins so with each step. */
    public function isUp(float $now): bool
    {
        return !$this->beats() || 0 === self::lengths($now - $this->stepBegan($now), self::HALF_BLINK) % 2;
    }

    /** Seconds from a time until something changes by itself; null when nothing does. */
    public function next(float $now): ?float
    {
        $began = $this->stepBegan($now);
        $moments = $this->isRunning ? [$began + $this->seconds] : [];
        if ($this->beats()) {
            $moments[] = $began + (self::lengths($now - $began, self::HALF_BLINK) + 1) * self::HALF_BLINK;
        }

        return [] === $moments ? null : max(0.0, min($moments) - $now);
    }

    private function beats(): bool
    {
        return TrialKind::Blink === $this->kind || TrialKind::Faders === $this->kind;
    }

    private function stepsSince(float $now): int
    {
        return $this->isRunning ? self::lengths($now - $this->since, $this->seconds) : 0;
    }

    /** Seat time at which the present step began. */
    private function stepBegan(float $now): float
    {
        return $this->since + $this->stepsSince($now) * $this->seconds;
    }

    /** How many whole lengths fit into so many seconds. */
    private static function lengths(float $seconds, float $length): int
    {
        return max(0, (int) floor($seconds / $length + self::NEAR));
    }
}
