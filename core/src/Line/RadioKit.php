<?php

declare(strict_types=1);

namespace Rigger\Core\Line;

/** A kit of senders and receivers, and the names that its units can be set to. Both must show the same name. */
enum RadioKit: string
{
    case ReedLink = 'Reed Link';
    case LoonPair = 'Loon Pair';

    /** @return list<string> in the order in which the unit's button steps through them */
    public function names(): array
    {
        return match ($this) {
            self::ReedLink => ['Alder', 'Birch', 'Cedar', 'Dogwood', 'Elder', 'Fern', 'Gorse', 'Hazel'],
            // Set by number and sub-number, both of which must match.
            self::LoonPair => array_merge(...array_map(
                static fn (int $number): array => array_map(static fn (int $sub): string => $number.'-'.$sub, range(1, 4)),
                range(1, 6),
            )),
        };
    }

    public function has(string $name): bool
    {
        return \in_array($name, $this->names(), true);
    }
}
