<?php

declare(strict_types=1);

namespace Rigger\Core\Look;

use Rigger\Core\Colour\Srgb;

/** What is made of a part's light. */
enum Pick: string
{
    case Average = 'average';
    /** The strongest of red, green and blue alone. */
    case Three = 'three';
    /** The same, or white where none of the three is clearly stronger. */
    case Four = 'four';

    /** The least of three that is this share of the greatest, or more, makes white. */
    private const WHITE_FROM = 0.8;
    private const PLAIN = ['#ff0000', '#00ff00', '#0000ff'];

    /**
     * @param array{float, float, float} $light red, green and blue, linear, 0 to 1
     *
     * @return array{hex: string|null, level: float} colour at full and how much of it; no colour at level 0
     */
    public function sample(array $light): array
    {
        $level = max($light);
        if ($level <= 0.0) {
            return ['hex' => null, 'level' => 0.0];
        }
        $hex = match (true) {
            self::Average === $this => Srgb::ofLinear($light[0] / $level, $light[1] / $level, $light[2] / $level),
            self::Four === $this && min($light) >= self::WHITE_FROM * $level => '#ffffff',
            default => self::PLAIN[(int) array_search($level, $light, true)],
        };

        return ['hex' => $hex, 'level' => $level];
    }

    /** @return list<string> */
    public static function words(): array
    {
        return array_map(static fn (self $one): string => $one->value, self::cases());
    }
}
