<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

/** What a change has touched in a rig: everything that is not the same object before and after. */
final readonly class Difference
{
    /** Whether addresses are written with their universe now, or without it. */
    private bool $isWrittenOtherwise;
    /** @var array<int, true> universes in which somebody came, went or is another one now */
    private array $universes;

    public function __construct(public Rig $before, public Rig $after)
    {
        $universes = [];
        foreach ($after->units as $id => $unit) {
            $was = $before->units[$id] ?? null;
            if ($was !== $unit) {
                $universes[$unit->place->universe] = true;
                $universes[$was->place->universe ?? $unit->place->universe] = true;
            }
        }
        foreach (array_diff_key($before->units, $after->units) as $unit) {
            $universes[$unit->place->universe] = true;
        }
        $this->universes = $universes;
        $this->isWrittenOtherwise = $before->isInOneUniverse() !== $after->isInOneUniverse();
    }

    public function isAnotherDesk(): bool
    {
        return $this->before->desk !== $this->after->desk;
    }

    /** Whether anything that hangs in a universe is another. */
    public function touches(int $universe): bool
    {
        return isset($this->universes[$universe]);
    }

    public function hasUnit(string $id): bool
    {
        return ($this->before->units[$id] ?? null) !== ($this->after->units[$id] ?? null);
    }

    /** Whether a unit shows something else: it, its sender, the curves of its type, or whose twin it is. */
    public function isOtherwise(Unit $unit): bool
    {
        $was = $this->before->units[$unit->id] ?? null;

        return $was !== $unit || $this->isWrittenOtherwise
            || $this->before->curvesOfType($unit) !== $this->after->curvesOfType($unit)
            || null !== $unit->linkId && ($this->before->links[$unit->linkId] ?? null) !== ($this->after->links[$unit->linkId] ?? null)
            || $this->touches($unit->place->universe)
                && $this->before->together($unit)->units[0]->id !== $this->after->together($unit)->units[0]->id;
    }

    /** Whether somebody came or went, or hangs elsewhere in the room: then the walk round is another. */
    public function isAnotherWalk(): bool
    {
        if (array_keys($this->before->units) !== array_keys($this->after->units)) {
            return true;
        }
        foreach ($this->after->units as $id => $unit) {
            $was = $this->before->units[$id];
            $isElsewhere = $was->position !== $unit->position || $was->spot?->x !== $unit->spot?->x;
            if ($was !== $unit && ($isElsewhere || $was->isOut !== $unit->isOut)) {
                return true;
            }
        }

        return false;
    }

    /** Whether a look is another one, or is played by others, or on another desk. */
    public function isLookOtherwise(Look $look): bool
    {
        if ($this->isAnotherDesk() || ($this->before->looks[$look->id] ?? null) !== $look) {
            return true;
        }
        foreach ($look->values as $unit => $values) {
            if ($this->hasUnit($unit) || $this->isOfOtherTwins($this->after->unit($unit))) {
                return true;
            }
        }

        return false;
    }

    /** Whether somebody listens beside it who did not, or not any more: its faders are called otherwise then. */
    private function isOfOtherTwins(Unit $unit): bool
    {
        return $this->touches($unit->place->universe)
            && $this->before->together($unit)->names() !== $this->after->together($unit)->names();
    }
}
