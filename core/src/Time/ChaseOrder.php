<?php

declare(strict_types=1);

namespace Rigger\Core\Time;

/** Which way round the steps of a chase are played. */
enum ChaseOrder: string
{
    case Forward = 'forward';
    case Backward = 'backward';
    /** There and back again: 1 … n … 2. */
    case Bounce = 'bounce';

    /**
     * One round, written out.
     *
     * @template T
     *
     * @param list<T> $steps
     *
     * @return list<T>
     */
    public function played(array $steps): array
    {
        return match ($this) {
            self::Forward => $steps,
            self::Backward => array_reverse($steps),
            self::Bounce => [...$steps, ...array_reverse(\array_slice($steps, 1, -1))],
        };
    }

    /** @return list<string> */
    public static function words(): array
    {
        return array_map(static fn (self $one): string => $one->value, self::cases());
    }
}
