<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Desk\DeskUnit;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Patch\Placed;
use Rigger\Core\Patch\Span;

/**
 * The fixtures of desk.map and desk.program: {"id","universe","address","mode","labels":[…]}.
 *
 * @internal
 */
final class DeskInput
{
    public const MOST_UNITS = 1000;

    /** @throws InputError */
    public static function unit(mixed $item, string $path): DeskUnit
    {
        $in = Members::of($item, ['id', 'universe', 'address', 'mode', 'labels'], $path);
        $id = $in->text('id');
        $universe = $in->whole('universe', 1);
        $address = $in->address('address');
        $mode = $in->text('mode');
        $labels = $in->each('labels', Scalars::text(...), Span::LAST_SLOT);
        if ([] === $labels) {
            throw InputError::because('values_count', $in->path('labels'), 'A fixture has at least one channel, so one label.');
        }

        return new DeskUnit(new Placed($id, $universe, Span::at($address, \count($labels)), $mode), $labels);
    }

    /** @param list<DeskUnit> $units */
    public static function requireUniqueIds(array $units): void
    {
        UniqueIds::require('fixtures', array_map(static fn (DeskUnit $unit): string => $unit->placed->id, $units));
    }
}
