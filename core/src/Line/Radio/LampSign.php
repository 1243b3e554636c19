<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio;

use Rigger\Core\Text\Figure;

/** How a lamp shows a state: its colour, and a pattern that comes again and again, a tenth of a second each. */
final readonly class LampSign
{
    /** Ticks in a second. */
    public const TICKS = 10;
    public const LONGEST = 60;

    /**
     * @param string $colour  as the leaflet calls it: "green"
     * @param string $pattern 1 for a tick lit, 0 for a dark one: "1100000000"
     */
    public function __construct(public LampState $state, public string $colour, public string $pattern)
    {
    }

    /** @param float $seconds since the state began, from 0 */
    public function isLit(float $seconds): bool
    {
        return '1' === $this->pattern[(int) floor($seconds * self::TICKS + 1e-9) % \strlen($this->pattern)];
    }

    /** "steady green", "2 short flashes of green, then a pause", "slow green". */
    public function words(): string
    {
        if (!str_contains($this->pattern, '0')) {
            return 'steady '.$this->colour;
        }
        if (!str_contains($this->pattern, '1')) {
            return 'dark';
        }
        $flashes = preg_match_all('/1+/', $this->pattern);
        $period = \strlen($this->pattern) / self::TICKS;

        return match (true) {
            1 === $flashes && $period <= 0.4 => 'flickering '.$this->colour,
            1 === $flashes => $this->slow($period),
            self::isEven($this->pattern) => 'flickering '.$this->colour,
            default => \sprintf('%d flashes of %s, a pause', $flashes, $this->colour),
        };
    }

    private function slow(float $period): string
    {
        $every = Figure::short($period, 1);
        $share = substr_count($this->pattern, '1') / \strlen($this->pattern);

        return match (true) {
            $share <= 0.3 => \sprintf('a short flash of %s every %s s', $this->colour, $every),
            $share >= 0.7 => \sprintf('%s, out for a moment every %s s', $this->colour, $every),
            default => \sprintf('slow %s, on and off every %s s', $this->colour, $every),
        };
    }

    private static function isEven(string $pattern): bool
    {
        preg_match_all('/0+/', $pattern, $pauses);

        return 1 === \count(array_unique(array_map(strlen(...), $pauses[0])));
    }
}
