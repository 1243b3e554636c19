<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\PatchedFixture;
use Rigger\Core\Profile\Mode;

/** Keeps the looks in step when a fixture's chart or mode changes. */
final class LookValues
{
    /** Each channel of the new mode takes what the channel of the same name had, or rests. */
    public static function refit(Snapshot $snapshot, PatchedFixture $fixture, Mode $old, Mode $new): void
    {
        if ($old->labels() === $new->labels()) {
            return;
        }
        foreach ($snapshot->looks as $look) {
            foreach ($look->cells() as $cell) {
                if ($cell->fixture === $fixture) {
                    $look->set($fixture, self::carry($cell->values(), $old, $new));
                }
            }
        }
    }

    /**
     * What a look's values become when the chart changes.
     *
     * @param list<int> $values
     *
     * @return list<int>
     */
    public static function fitted(array $values, Mode $old, Mode $new): array
    {
        return $old->labels() === $new->labels() ? $values : self::carry($values, $old, $new);
    }

    /**
     * @param list<int> $values
     *
     * @return list<int>
     */
    private static function carry(array $values, Mode $old, Mode $new): array
    {
        $byName = [];
        foreach ($old->labels() as $index => $label) {
            $byName[$label][] = $values[$index] ?? 0;
        }
        $carried = [];
        foreach ($new->byOffset() as $channel) {
            $carried[] = [] === ($byName[$channel->label] ?? []) ? $channel->default : array_shift($byName[$channel->label]);
        }

        return $carried;
    }
}
