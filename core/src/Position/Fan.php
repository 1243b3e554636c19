<?php

declare(strict_types=1);

namespace Rigger\Core\Position;

/** One figure for each of several units, spread about a centre; a negative width turns it round. */
enum Fan: string
{
    case Line = 'line';
    case Arch = 'arch';
    case Alternate = 'alternate';

    /**
     * @param positive-int $count
     *
     * @return list<float>
     */
    public function values(int $count, float $centre, float $width): array
    {
        $share = fn (int $index): float => 1 === $count ? 0.0 : $this->share($index, $count);

        return array_map(static fn (int $index): float => $centre + $width * $share($index), range(0, $count - 1));
    }

    /** From −½ to ½. */
    private function share(int $index, int $count): float
    {
        $along = $index / max(1, $count - 1);

        return match ($this) {
            self::Line => $along - 0.5,
            self::Arch => abs(2 * $along - 1) - 0.5,
            self::Alternate => 0 === $index % 2 ? -0.5 : 0.5,
        };
    }

    /** @return list<string> */
    public static function words(): array
    {
        return array_map(static fn (self $one): string => $one->value, self::cases());
    }
}
