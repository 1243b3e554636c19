<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** The values of one range as the page writes them. */
final readonly class Bound
{
    /**
     * @param float $from     in the notation's own units, lower one first
     * @param float $to       255 or 100 where the page says "and above"
     * @param bool  $isTurned the page has the upper one first
     * @param int   $start    byte in the text where it begins
     * @param int   $length   bytes it takes up
     * @param bool  $isSingle one number by itself, which may well be part of a name
     */
    public function __construct(
        public float $from,
        public float $to,
        public Notation $notation,
        public bool $isTurned,
        public int $start,
        public int $length,
        public bool $isSingle = false,
    ) {
    }

    public static function between(float $one, float $other, Notation $notation, int $start, int $length): self
    {
        return new self(min($one, $other), max($one, $other), $notation, $one > $other, $start, $length);
    }

    public function end(): int
    {
        return $this->start + $this->length;
    }

    /**
     * In values 0 to 255.
     *
     * @param self|null $before the range before it on the same channel: percents that touch leave no gap between them
     *
     * @return array{int, int}
     */
    public function values(?self $before): array
    {
        if (Notation::Percent !== $this->notation) {
            return [(int) $this->from, (int) $this->to];
        }
        $touches = null !== $before && Notation::Percent === $before->notation
            && (abs($this->from - $before->to) < 1e-9 || abs($this->from - $before->to - 1) < 1e-9);
        $from = $touches ? self::down($before->to) + 1 : (int) ceil(255 * $this->from / 100 - 1e-9);

        return [$from, max($from, self::down($this->to))];
    }

    private static function down(float $percent): int
    {
        return (int) floor(255 * $percent / 100 + 1e-9);
    }
}
