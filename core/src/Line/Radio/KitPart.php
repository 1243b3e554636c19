<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio;

/** One part of what units of a kit are set to: a name, a colour, a number. */
final readonly class KitPart
{
    public const MOST = 64;

    /** @param non-empty-list<string> $values in the order in which the unit's button steps through them */
    public function __construct(public string $label, public array $values)
    {
    }

    /** The value after another, round and round. */
    public function next(string $value): string
    {
        $at = array_search($value, $this->values, true);

        return $this->values[((false === $at ? -1 : $at) + 1) % \count($this->values)];
    }

    /** Presses from one value to another. */
    public function presses(string $from, string $to): int
    {
        $count = \count($this->values);

        return ((int) array_search($to, $this->values, true) - (int) array_search($from, $this->values, true) + $count) % $count;
    }
}
