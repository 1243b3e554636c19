<?php

declare(strict_types=1);

namespace Rigger\Core\Light;

use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Mode;

/**
 * A channel made ready: which range each of the 256 values lies in is looked up, not searched.
 *
 * @internal
 */
final class CompiledChannel
{
    private const NOWHERE = 255;

    /** @var array<int, array{CompiledRange, float}|false> range and quantity by value, filled as values are met; false in a gap */
    public array $met = [];

    /**
     * @param int                 $index     place in the list of values, from 0
     * @param int|null            $fineIndex place of its low byte
     * @param string              $lookup    256 bytes: index of the range, NOWHERE in a gap
     * @param list<CompiledRange> $ranges
     */
    private function __construct(
        public readonly int $index,
        public readonly ?int $fineIndex,
        public readonly ?int $cell,
        private readonly string $lookup,
        public readonly array $ranges,
    ) {
    }

    public static function of(Mode $mode, Channel $channel): self
    {
        $fine = $mode->fineFor($channel->offset);
        $ranges = $channel->isFine() ? [] : \array_slice($channel->ranges, 0, self::NOWHERE);
        // Filled by range, the first over the later ones where they overlap.
        $lookup = str_repeat(\chr(self::NOWHERE), 256);
        foreach (array_reverse($ranges, true) as $index => $range) {
            $count = $range->to - $range->from + 1;
            $lookup = substr_replace($lookup, str_repeat(\chr($index), $count), $range->from, $count);
        }

        return new self(
            $channel->offset - 1,
            null === $fine ? null : $fine->offset - 1,
            $channel->cell,
            $lookup,
            array_map(static fn ($range): CompiledRange => CompiledRange::of($range, null !== $fine), $ranges),
        );
    }

    /**
     * What a value means where there is no low byte: looked up from then on.
     *
     * @return array{CompiledRange, float}|false
     */
    public function meet(int $value): array|false
    {
        $range = $this->rangeAt($value);

        return $this->met[$value] = null === $range ? false : [$range, $range->at($value, 0)];
    }

    public function rangeIndexAt(int $value): ?int
    {
        $index = \ord($this->lookup[$value]);

        return self::NOWHERE === $index ? null : $index;
    }

    public function rangeAt(int $value): ?CompiledRange
    {
        return $this->ranges[\ord($this->lookup[$value])] ?? null;
    }

    /** Whether any of its ranges changes what is seen. */
    public function matters(): bool
    {
        return $this->plays(static fn (Role $role): bool => Role::Idle !== $role);
    }

    /** Whether any of its ranges changes how a cell shines, and not only where it points or what runs. */
    public function shines(): bool
    {
        return $this->plays(static fn (Role $role): bool => Role::Idle !== $role && !$role->isOfTheWhole());
    }

    /** Whether any of its ranges turns the unit, or runs a program. */
    public function isOfTheWhole(): bool
    {
        return $this->plays(static fn (Role $role): bool => $role->isOfTheWhole());
    }

    /** @param \Closure(Role): bool $part */
    private function plays(\Closure $part): bool
    {
        foreach ($this->ranges as $range) {
            if ($part($range->role)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> keys of the emitters it can drive */
    public function emitters(): array
    {
        $keys = [];
        foreach ($this->ranges as $range) {
            if (Role::Emitter === $range->role) {
                $keys[] = (string) $range->emitter;
            }
        }

        return $keys;
    }
}
