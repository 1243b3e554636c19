<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

/** A scene as it stands on the faders, with its place in the desk's memory. */
final readonly class Look
{
    /** @param array<string, list<int>> $values 0 to 255, one a channel, by unit; units that are not named are left alone */
    public function __construct(public string $id, public string $name, public int $bank, public int $number, public array $values)
    {
    }

    public function renamed(string $name): self
    {
        return new self($this->id, $name, $this->bank, $this->number, $this->values);
    }

    public function storedAt(int $bank, int $number): self
    {
        return new self($this->id, $this->name, $bank, $number, $this->values);
    }

    /** @param list<int> $values 0 to 255, one a channel */
    public function with(string $unitId, array $values): self
    {
        return new self($this->id, $this->name, $this->bank, $this->number, [$unitId => $values] + $this->values);
    }

    /** The unit is left alone from now on. */
    public function without(string $unitId): self
    {
        return new self($this->id, $this->name, $this->bank, $this->number, array_diff_key($this->values, [$unitId => true]));
    }
}
