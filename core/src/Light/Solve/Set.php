<?php

declare(strict_types=1);

namespace Rigger\Core\Light\Solve;

/**
 * What a channel is set to.
 *
 * @internal
 */
final readonly class Set
{
    /** @param int|null $low its low byte; null where it has none, or that one keeps its default */
    public function __construct(public Place $place, public int $value, public ?int $low, public float $quantity)
    {
    }

    /** Of two that are as near, the lower. */
    public function isNearerThan(self $other, float $quantity): bool
    {
        $closer = abs($this->quantity - $quantity) - abs($other->quantity - $quantity);

        return $closer < -Place::NEAR
            || (abs($closer) <= Place::NEAR && [$this->value, $this->low ?? 0] < [$other->value, $other->low ?? 0]);
    }

    /**
     * @param array<int, int> $values by offset
     *
     * @return array<int, int>
     */
    public function into(array $values): array
    {
        $values[$this->place->channel->offset] = $this->value;
        if (null !== $this->low && null !== $this->place->fine) {
            $values[$this->place->fine] = $this->low;
        }

        return $values;
    }
}
