<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Patch;

use Rigger\App\Rig\View\FixtureView;

/** The order in which units stand on paper. */
enum ListOrder: string
{
    case Address = 'address';
    case Position = 'position';
    case Name = 'name';

    /**
     * @param list<FixtureView> $fixtures
     *
     * @return list<FixtureView>
     */
    public function sort(array $fixtures): array
    {
        usort($fixtures, fn (FixtureView $one, FixtureView $other): int => match ($this) {
            self::Address => [$one->universe, $one->address] <=> [$other->universe, $other->address],
            self::Position => self::alongBeams($one, $other),
            self::Name => strnatcasecmp($one->name, $other->name),
        });

        return $fixtures;
    }

    /** Beam by beam, then from left to right where the plan says so; what hangs nowhere in particular last. */
    private static function alongBeams(FixtureView $one, FixtureView $other): int
    {
        if (null === $one->position || null === $other->position) {
            return (null === $one->position) <=> (null === $other->position);
        }
        $beam = strnatcasecmp(self::beam($one->position), self::beam($other->position));
        if (0 !== $beam) {
            return $beam;
        }

        return null !== $one->spot && null !== $other->spot && $one->spot->x !== $other->spot->x ? $one->spot->x <=> $other->spot->x : strnatcasecmp($one->position, $other->position);
    }

    /** "mid beam" of "mid beam, left of centre". */
    private static function beam(string $position): string
    {
        return trim(explode(',', $position)[0]);
    }
}
