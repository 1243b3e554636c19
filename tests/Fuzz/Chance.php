<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Fuzz;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Chance from a seed, so that a run can be made again. */
final readonly class Chance
{
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar($seed));
    }

    public function isIn(int $percent): bool
    {
        return $this->random->getInt(1, 100) <= $percent;
    }

    public function whole(int $from, int $to): int
    {
        return $this->random->getInt($from, $to);
    }

    /**
     * @template T
     *
     * @param non-empty-array<T> $list
     *
     * @return T
     */
    public function oneOf(array $list): mixed
    {
        return array_values($list)[$this->random->getInt(0, \count($list) - 1)];
    }

    /** @param int<1, max> $count */
    public function bytes(int $count): string
    {
        return $this->random->getBytes($count);
    }
}
