<?php

declare(strict_types=1);

namespace Rigger\Core\Light\Solve;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\Range;
use Rigger\Core\Profile\RangeFunction;

/**
 * A channel, with its low byte where it has one, as something that can be set to a quantity.
 *
 * @internal
 */
final readonly class Place
{
    /** Built-in colours and whatever runs by itself: never entered unless asked for. */
    private const ASKED_FOR = [
        RangeFunction::Program, RangeFunction::Sound, RangeFunction::Reset, RangeFunction::ColourPreset, RangeFunction::Wheel,
        RangeFunction::WhitePoint,
    ];
    public const FLASHING = [RangeFunction::Strobe, RangeFunction::Pulse, RangeFunction::RandomStrobe];
    public const NEAR = 1e-9;

    /** @param int|null $fine offset of the low byte's channel */
    private function __construct(public Channel $channel, public ?int $fine)
    {
    }

    public static function of(Mode $mode, Channel $channel): self
    {
        return new self($channel, $mode->fineFor($channel->offset)?->offset);
    }

    public function has(RangeFunction ...$functions): bool
    {
        return $this->channel->has(...$functions);
    }

    public function dims(): bool
    {
        return $this->has(RangeFunction::Intensity);
    }

    /** @return list<Range> of a function, in the chart's order */
    public function ranges(RangeFunction $function): array
    {
        return array_values(array_filter($this->channel->ranges, static fn (Range $range): bool => $range->function === $function));
    }

    /**
     * The value, with its low byte, whose quantity is nearest to one that is asked, over some ranges; of two that are as near the
     * lower. Null where no range's quantity is known.
     *
     * @param list<Range> $ranges
     */
    public function nearest(array $ranges, float $quantity): ?Set
    {
        $best = null;
        foreach ($ranges as $range) {
            if (null === $range->start || null === $range->end) {
                continue;
            }
            foreach ($this->candidates($range, $quantity) as [$value, $low]) {
                $reached = (float) $range->quantityAt($value, null === $this->fine ? null : $low);
                $set = new Set($this, $value, null === $this->fine ? null : $low, $reached);
                if (null === $best || $set->isNearerThan($best, $quantity)) {
                    $best = $set;
                }
            }
        }

        return $best;
    }

    public function at(int $value): Set
    {
        return new Set($this, $value, null, 0.0);
    }

    /** Where it does nothing that nobody asked for. */
    public function quiet(): Set
    {
        $avoided = [...self::ASKED_FOR, ...($this->has(...self::FLASHING) ? self::FLASHING : [])];
        $passing = $this->firstOf(RangeFunction::None, RangeFunction::Open);
        if (!$this->has(...$avoided)) {
            return $this->at($this->channel->default);
        }
        if (null !== $passing) {
            return $this->at($passing->middle());
        }
        foreach ([$this->channel->default, ...range(0, 255)] as $value) {
            if (!\in_array($this->channel->rangeAt($value)?->function, $avoided, true)) {
                return $this->at($value);
            }
        }

        return $this->at($this->channel->default);
    }

    /** The first range, in the chart's order, of any of these functions. */
    public function firstOf(RangeFunction ...$functions): ?Range
    {
        foreach ($this->channel->ranges as $range) {
            if (\in_array($range->function, $functions, true)) {
                return $range;
            }
        }

        return null;
    }

    /** @return list<array{int, int}> value and low byte */
    private function candidates(Range $range, float $quantity): array
    {
        $change = (float) $range->end - (float) $range->start;
        $share = 0.0 === $change ? 0.0 : min(1.0, max(0.0, ($quantity - (float) $range->start) / $change));
        if (null === $this->fine) {
            $value = (int) floor($range->from + $share * ($range->to - $range->from) + self::NEAR);

            return $value < $range->to ? [[$value, 0], [$value + 1, 0]] : [[$value, 0]];
        }
        $word = (int) floor(256 * ($range->from + $share * ($range->to + 255 / 256 - $range->from)) + self::NEAR);
        $words = array_filter([$word, $word + 1], static fn (int $one): bool => $one <= 256 * $range->to + 255);

        return array_values(array_map(static fn (int $one): array => [intdiv($one, 256), $one % 256], $words));
    }
}
