<?php

declare(strict_types=1);

namespace Rigger\Core\Position;

/**
 * The order in which a foot walks: beam by beam, and along each from left to right where the plan says so, then what is only said in
 * words. What hangs nowhere in particular comes last.
 */
final class WalkOrder
{
    /**
     * @param string|null $here  hanging position of the one unit, in the operator's words
     * @param float|null  $x     where it is on the plan, in metres to the right of centre
     * @param string|null $there hanging position of the other
     *
     * @return int below 0 when the one comes first, above 0 when the other does
     */
    public static function compare(?string $here, ?float $x, ?string $there, ?float $otherX): int
    {
        if (null === $here || null === $there) {
            return (null === $here) <=> (null === $there);
        }
        $beam = strnatcasecmp(self::beam($here), self::beam($there));
        if (0 !== $beam) {
            return $beam;
        }

        // First those on the plan: to mix words and metres would go in circles.
        $along = [null === $x, $x ?? 0.0] <=> [null === $otherX, $otherX ?? 0.0];

        return 0 !== $along ? $along : strnatcasecmp($here, $there);
    }

    /** "mid beam" of "mid beam, left of centre". */
    private static function beam(string $position): string
    {
        return trim(explode(',', $position)[0]);
    }
}
