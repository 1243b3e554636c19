<?php

declare(strict_types=1);

namespace Rigger\Core\Look;

use Rigger\Core\Number\Rounding;

/**
 * Looks over one another, for one unit: of its intensities the highest counts, of everything else the latest.
 *
 * What a look leaves out it does not touch. A look that is pulled down to 0 holds nothing but its intensities, at 0.
 */
final readonly class Stack
{
    /**
     * @param list<bool> $isIntensity by channel
     * @param list<int>  $rest        values 0 to 255 where no look says anything; of an intensity it does not count
     */
    public function __construct(private array $isIntensity, private array $rest)
    {
    }

    /**
     * @param list<array{float, list<int|null>}> $layers level 0 to 1 and values of those that name the unit, the latest last; null is
     *                                                   left out
     *
     * @return list<int>
     */
    public function values(array $layers): array
    {
        return array_map(
            fn (int $channel): int => $this->isIntensity[$channel] ? self::highest($layers, $channel) : $this->latest($layers, $channel),
            array_keys($this->rest),
        );
    }

    /** @param list<array{float, list<int|null>}> $layers */
    private static function highest(array $layers, int $channel): int
    {
        $highest = 0;
        foreach ($layers as [$level, $values]) {
            $highest = max($highest, Rounding::nearest($level * ($values[$channel] ?? 0)));
        }

        return $highest;
    }

    /** @param list<array{float, list<int|null>}> $layers */
    private function latest(array $layers, int $channel): int
    {
        $value = $this->rest[$channel];
        foreach ($layers as [$level, $values]) {
            if ($level > 0.0) {
                $value = $values[$channel] ?? $value;
            }
        }

        return $value;
    }
}
