<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Text\Names;

/** Units of one chart in one mode at one address: they move together, or one hangs by itself. */
final readonly class TwinGroup
{
    /** @param non-empty-list<Unit> $units in the order of the patch list */
    public function __construct(public array $units)
    {
    }

    /** Stands for the group while it hangs where it does. */
    public function key(): string
    {
        return $this->units[0]->twinKey();
    }

    /** When the last of them was set; null when none is ticked. */
    public function setAt(): ?\DateTimeImmutable
    {
        $times = array_filter(array_map(static fn (Unit $unit): ?\DateTimeImmutable => $unit->setAt, $this->units));

        return [] === $times ? null : max($times);
    }

    public function has(Unit $unit): bool
    {
        foreach ($this->units as $one) {
            if ($one->id === $unit->id) {
                return true;
            }
        }

        return false;
    }

    /** Whether no plan may give it another address: one of them is locked, or cannot be reached to set tonight. */
    public function isLocked(): bool
    {
        foreach ($this->units as $unit) {
            if ($unit->stays()) {
                return true;
            }
        }

        return false;
    }

    /** Whether none of them is in action. */
    public function isOut(): bool
    {
        foreach ($this->units as $unit) {
            if (!$unit->isOut) {
                return false;
            }
        }

        return true;
    }

    /** @return non-empty-list<string> */
    public function ids(): array
    {
        return array_map(static fn (Unit $unit): string => $unit->id, $this->units);
    }

    /** "Drum 1 and Drum 2". */
    public function names(): string
    {
        return Names::few(array_map(static fn (Unit $unit): string => $unit->name, $this->units));
    }
}
