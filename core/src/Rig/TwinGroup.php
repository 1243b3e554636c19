<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

/** Units of one chart in one mode at one address: they move together, or one hangs by itself. */
final readonly class TwinGroup
{
    /** @param non-empty-list<Unit> $units in the order of the patch list */
    public function __construct(public array $units)
    {
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

    /** Whether no plan may give it another address. */
    public function isLocked(): bool
    {
        foreach ($this->units as $unit) {
            if ($unit->isLocked) {
                return true;
            }
        }

        return false;
    }

    /** @return non-empty-list<string> */
    public function ids(): array
    {
        return array_map(static fn (Unit $unit): string => $unit->id, $this->units);
    }

    /** "Drum 1 and Drum 2". */
    public function names(): string
    {
        return implode(' and ', array_map(static fn (Unit $unit): string => $unit->name, $this->units));
    }
}
