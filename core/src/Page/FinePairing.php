<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** Ties each low byte to the channel it refines: the one it names, else the last one before it. */
final class FinePairing
{
    /**
     * @param array<int, string> $labels by offset
     *
     * @return array<int, int> offset of the fine channel => offset of its coarse one
     */
    public static function of(array $labels): array
    {
        $pairs = [];
        $fine = array_filter($labels, static fn (string $label): bool => Vocabulary::isFine($label));
        foreach ($fine as $offset => $label) {
            // "Pan 16 bit" beside "Pan fine" is the coarse one.
            $isLow = 1 === preg_match('/\b(?:fine|lsb|low(?:er)? byte|lo byte)\b/i', $label);
            $axes = array_map(Vocabulary::axis(...), array_diff_key($labels, [$offset => '']));
            if (!$isLow && [] === array_diff_key(
                array_filter($axes, static fn (string $axis): bool => $axis === Vocabulary::axis($label)),
                $fine,
            )) {
                unset($fine[$offset]);
            }
        }
        foreach ($labels as $offset => $label) {
            if (!isset($fine[$offset])) {
                continue;
            }
            $coarse = self::coarseFor($offset, $label, array_diff_key($labels, $fine));
            if (null !== $coarse) {
                $pairs[$offset] = $coarse;
            }
        }

        return array_filter($pairs, static fn (int $coarse): bool => !isset($pairs[$coarse]));
    }

    /** @param array<int, string> $others labels of the channels that are not fine */
    private static function coarseFor(int $offset, string $label, array $others): ?int
    {
        $axis = Vocabulary::axis($label);
        if ('' === $axis) {
            $before = array_filter(array_keys($others), static fn (int $at): bool => $at < $offset);

            return [] === $before ? null : max($before);
        }
        $same = array_keys(array_filter($others, static fn (string $other): bool => Vocabulary::axis($other) === $axis));
        if ([] === $same) {
            $subject = Vocabulary::subjectOf($axis);
            $key = EmitterWords::keyOf($axis);
            $number = CellNumbers::split($label)[1] ?? null;
            $same = array_keys(array_filter($others, static fn (string $other): bool => Subject::Unknown !== $subject
                && Vocabulary::subjectOf(Vocabulary::axis($other)) === $subject && EmitterWords::keyOf($other) === $key
                && (CellNumbers::split($other)[1] ?? null) === $number));
        }
        $before = array_filter($same, static fn (int $at): bool => $at < $offset);

        return [] !== $before ? max($before) : ([] === $same ? null : min($same));
    }
}
