<?php

declare(strict_types=1);

namespace Rigger\Core\Rig\Line;

use Rigger\Core\Line\Cable\CableType;
use Rigger\Core\Text\Figure;

/** What to load for the data runs of a rig: each with its number, and one spare of every ten begun. */
final readonly class LoadList
{
    /**
     * @param list<array{what: string, count: int, spare: int}> $lines   cables by type, ends and length; adapters; terminators; splitters
     * @param int                                               $unknown cables whose length nobody knows yet
     * @param int                                               $joins   couplings where pieces are joined
     */
    private function __construct(public array $lines, public int $unknown, public int $joins)
    {
    }

    /** @param array<string, Run> $runs */
    public static function of(array $runs, Cabling $cabling): self
    {
        $cables = $adapters = $ends = [];
        $unknown = $joins = 0;
        $splitters = 0;
        foreach ($runs as $run) {
            foreach ($run->items as $place => $item) {
                $pieces = $cabling->length($run, $place)->pieces();
                $unknown += [] === $pieces ? 1 : 0;
                $joins += max(0, \count($pieces) - 1);
                foreach ($pieces as $metres) {
                    $cables[] = [$item->cable->type, $item->cable->type->value, $item->cable->ends->words(), $metres];
                }
                array_push($adapters, ...$cabling->adapters($run, $place));
                $splitters += null === $item->splitter ? 0 : 1;
            }
            if ($run->isTerminated && null === $run->splitter() && null !== $run->last()) {
                $ends[] = 'Terminator, '.$run->last()->ends->intoOutput();
            }
        }
        usort($cables, static fn (array $one, array $other): int => [$one[1], $one[2], $one[3]] <=> [$other[1], $other[2], $other[3]]);

        return new self([
            ...self::counted(array_map(static fn (array $one): string => self::cable($one[0], $one[2], $one[3]), $cables)),
            ...self::counted(array_map(static fn (string $words): string => 'Adapter, '.$words, self::sorted($adapters))),
            ...self::counted(self::sorted($ends)),
            ...(0 === $splitters ? [] : [['what' => 'Splitter', 'count' => $splitters, 'spare' => 0]]),
        ], $unknown, $joins);
    }

    private static function cable(CableType $type, string $ends, float $metres): string
    {
        return \sprintf('%s, %s, %s m', ucfirst($type->words()), $ends, self::metres($metres));
    }

    private static function metres(float $metres): string
    {
        return Figure::short($metres);
    }

    /**
     * @param list<string> $words
     *
     * @return list<string>
     */
    private static function sorted(array $words): array
    {
        sort($words);

        return $words;
    }

    /**
     * @param list<string> $words equal ones beside one another
     *
     * @return list<array{what: string, count: int, spare: int}>
     */
    private static function counted(array $words): array
    {
        $lines = [];
        foreach (array_count_values($words) as $what => $count) {
            $lines[] = ['what' => $what, 'count' => $count, 'spare' => intdiv($count - 1, 10) + 1];
        }

        return $lines;
    }
}
