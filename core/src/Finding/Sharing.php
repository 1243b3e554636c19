<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Profile\Channel;

/** Two fixtures on one slot, told with both functions and what one would see. */
final class Sharing
{
    /**
     * @param int $address the first slot that both hold
     *
     * @return string "099 is Batten's Cell 8 blue (27) and Pack A's Lamp 1 (1): raise one for Batten and Pack A gets brighter
     *                or darker too."
     */
    public static function sentence(int $address, string $one, Channel $ofOne, string $other, Channel $ofOther): string
    {
        return \sprintf(
            '%03d is %s\'s %s and %s\'s %s: meant for %s, it moves and %s %s; meant for %s, %s %s.',
            $address,
            $one,
            $ofOne->title(),
            $other,
            $ofOther->title(),
            $one,
            $other,
            SeenEffect::of($ofOther),
            $other,
            $one,
            SeenEffect::of($ofOne),
        );
    }
}
