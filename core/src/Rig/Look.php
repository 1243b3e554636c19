<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Look\MadeLook;
use Rigger\Core\Look\UnitIntent;

/**
 * A scene with its place in the desk's memory: what each unit should do, and the values on the faders that do it.
 *
 * Where a person set faders there are values alone. Where somebody said what to see there is an intent as well, and the values
 * follow from it for whatever hangs there.
 */
final readonly class Look
{
    /**
     * @param array<string, list<int>>  $values  0 to 255, one a channel, by unit; units that are not named are left alone
     * @param array<string, UnitIntent> $intents by unit, of some of those that have values
     * @param MadeLook|null             $made    as what it was made for this rig, as long as nobody has changed it
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $bank,
        public int $number,
        public array $values,
        public array $intents = [],
        public ?MadeLook $made = null,
    ) {
    }

    public function renamed(string $name): self
    {
        return new self($this->id, $name, $this->bank, $this->number, $this->values, $this->intents, $this->made);
    }

    public function storedAt(int $bank, int $number): self
    {
        return new self($this->id, $this->name, $bank, $number, $this->values, $this->intents, $this->made);
    }

    /**
     * As it stands on the faders; an intent gives way.
     *
     * @param list<int> $values 0 to 255, one a channel
     */
    public function with(string $unitId, array $values): self
    {
        return $this->holding([$unitId => $values] + $this->values, array_diff_key($this->intents, [$unitId => true]));
    }

    /**
     * As it is meant.
     *
     * @param list<int> $values that follow from the intent
     */
    public function meaning(string $unitId, UnitIntent $intent, array $values): self
    {
        return $this->holding([$unitId => $values] + $this->values, [$unitId => $intent] + $this->intents);
    }

    public function marked(?MadeLook $made): self
    {
        return new self($this->id, $this->name, $this->bank, $this->number, $this->values, $this->intents, $made);
    }

    /** The unit is left alone from now on. */
    public function without(string $unitId): self
    {
        $gone = [$unitId => true];

        return $this->holding(array_diff_key($this->values, $gone), array_diff_key($this->intents, $gone));
    }

    /**
     * @param array<string, list<int>>  $values
     * @param array<string, UnitIntent> $intents
     */
    private function holding(array $values, array $intents): self
    {
        return new self($this->id, $this->name, $this->bank, $this->number, $values, $intents);
    }
}
