<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Range;

/** Moves one end of a range; a neighbour that touches it follows, and one that would be overrun gives way but keeps one value. */
final readonly class MoveEdge implements ChartEdit
{
    /**
     * @param int  $index of the range, from 0
     * @param bool $upper whether its last value moves, or its first
     * @param int  $to    0 to 255
     */
    public function __construct(private Target $target, private int $index, private bool $upper, private int $to)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $channel = $this->target->channel($profile);
        $ranges = $channel->ranges;
        $range = $ranges[$this->index] ?? throw InputError::because('out_of_range', 'edit.range', 'There is no such range.');
        if ($this->upper ? $this->to < $range->from : $this->to > $range->to) {
            throw InputError::because(
                'cannot_move',
                'edit.to',
                \sprintf('%s cannot %s at %d: it would hold no value.', $range->span(), $this->upper ? 'end' : 'begin', $this->to),
            );
        }
        $ranges[$this->index] = $this->upper ? $range->over($range->from, $this->to) : $range->over($this->to, $range->to);
        foreach ($ranges as $index => $other) {
            if ($index !== $this->index) {
                $ranges[$index] = $this->upper ? $this->pushedUp($range, $other) : $this->pushedDown($range, $other);
            }
        }

        return $this->target->put($profile, $channel->withRanges($ranges));
    }

    private function pushedUp(Range $moved, Range $other): Range
    {
        if ($other->from <= $moved->from) {
            return $other;
        }
        $touched = $other->from === $moved->to + 1;
        $overrun = $other->from <= $this->to;
        if (!$touched && !$overrun) {
            return $other;
        }
        if ($this->to + 1 > $other->to) {
            throw InputError::because(
                'cannot_move',
                'edit.to',
                \sprintf('%s would be covered whole: join the two, or remove it first.', $other->span()),
            );
        }

        return $other->over($this->to + 1, $other->to);
    }

    private function pushedDown(Range $moved, Range $other): Range
    {
        if ($other->to >= $moved->to) {
            return $other;
        }
        $touched = $other->to === $moved->from - 1;
        $overrun = $other->to >= $this->to;
        if (!$touched && !$overrun) {
            return $other;
        }
        if ($this->to - 1 < $other->from) {
            throw InputError::because(
                'cannot_move',
                'edit.to',
                \sprintf('%s would be covered whole: join the two, or remove it first.', $other->span()),
            );
        }

        return $other->over($other->from, $this->to - 1);
    }
}
