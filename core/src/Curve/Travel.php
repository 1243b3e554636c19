<?php

declare(strict_types=1);

namespace Rigger\Core\Curve;

/** What each of a fader's 256 values becomes through a curve, and where the fader moves and nothing else does. */
final readonly class Travel
{
    /**
     * @param list<int> $values   256 of them, 0 to 255
     * @param int       $lowTo    last value that still gives what 0 gives; 0 when the fader works from its foot on
     * @param int       $highFrom first value that already gives what 255 gives; 255 when it works up to its top
     */
    private function __construct(public array $values, public int $lowTo, public int $highFrom)
    {
    }

    public static function of(Curve $curve): self
    {
        $values = array_map(static fn (int $value): int => $curve->valueAt($value / 255), range(0, 255));
        $low = 0;
        while ($low < 255 && $values[$low + 1] === $values[0]) {
            ++$low;
        }
        $high = 255;
        while ($high > 0 && $values[$high - 1] === $values[255]) {
            --$high;
        }

        return new self($values, $low, $high);
    }

    /** The same as 256 characters, for looking values up. */
    public function table(): string
    {
        return implode('', array_map(\chr(...), $this->values));
    }

    /** One sentence with the numbers of its dead travel. */
    public function words(): string
    {
        if ($this->values[0] === $this->values[255] && 255 === $this->lowTo) {
            return \sprintf('The fader moves nothing: it is %d all the way.', $this->values[0]);
        }
        $dead = array_filter([
            $this->lowTo > 0 ? \sprintf('0–%d all give %d', $this->lowTo, $this->values[0]) : null,
            $this->highFrom < 255 ? \sprintf('%d–255 all give %d', $this->highFrom, $this->values[255]) : null,
        ]);

        return [] === $dead
            ? \sprintf('The whole travel works, from %d to %d.', $this->values[0], $this->values[255])
            : \sprintf(
                'Dead travel: %s (%d %% of the fader).',
                implode(' and ', $dead),
                round(100 * ($this->lowTo + 255 - $this->highFrom) / 255),
            );
    }
}
