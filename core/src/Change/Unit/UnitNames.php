<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** Names for new units: "Drum" becomes Drum 7, Drum 8 after the six that hang. */
final class UnitNames
{
    /** @return non-empty-list<string> */
    public static function next(Rig $rig, string $base, int $count): array
    {
        $used = array_map(static fn (Unit $unit): string => $unit->name, array_values($rig->units));
        $stem = preg_replace('/\s+\d+$/', '', $base) ?? $base;
        $isNumbered = $stem !== $base;
        if (1 === $count && !\in_array($base, $used, true) && ($isNumbered || !self::isStem($stem, $used))) {
            return [$base];
        }
        // One that hangs without a number is the first.
        $highest = \in_array($stem, $used, true) ? 1 : 0;
        foreach ($used as $name) {
            if (1 === preg_match('/^'.preg_quote($stem, '/').'\s+(\d+)$/u', $name, $parts)) {
                $highest = max($highest, (int) $parts[1]);
            }
        }

        return array_map(static fn (int $nth): string => $stem.' '.($highest + $nth), range(1, max(1, $count)));
    }

    /** @param list<string> $used */
    private static function isStem(string $stem, array $used): bool
    {
        foreach ($used as $name) {
            if (1 === preg_match('/^'.preg_quote($stem, '/').'\s+\d+$/u', $name)) {
                return true;
            }
        }

        return false;
    }
}
