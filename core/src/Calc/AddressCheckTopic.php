<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Patch\AddressCheck;
use Rigger\Core\Patch\Placed;
use Rigger\Core\Patch\Relation;
use Rigger\Core\Patch\Span;
use Rigger\Core\Patch\UniverseUsage;

/** `address.check` {"fixtures":[{"id","universe","address","mode","footprint"}]} → {"relations","usage"}. */
final class AddressCheckTopic implements Topic
{
    /** More pairs than that are no rig, and would fill the memory. */
    private const MOST_PAIRS = 100_000;
    private const MOST_UNITS = 20_000;

    public function __invoke(mixed $input): array
    {
        $units = Members::of($input, ['fixtures'])->each('fixtures', self::unit(...), self::MOST_UNITS);
        UniqueIds::require('fixtures', array_map(static fn (Placed $placed): string => $placed->id, $units));
        $pairs = AddressCheck::pairs($units);
        if ($pairs > self::MOST_PAIRS) {
            throw InputError::because(
                'out_of_range',
                'fixtures',
                \sprintf('%d pairs share slots; at most %d are told. Ask for a universe at a time.', $pairs, self::MOST_PAIRS),
            );
        }
        $check = AddressCheck::of($units);

        return [
            'relations' => array_map(static fn (Relation $relation): array => $relation->toArray(), $check->relations),
            'usage' => array_map(static fn (UniverseUsage $usage): array => $usage->toArray(), $check->usage),
        ];
    }

    private static function unit(mixed $item, string $path): Placed
    {
        $in = Members::of($item, ['id', 'universe', 'address', 'mode', 'footprint'], $path);
        $id = $in->text('id');
        $universe = $in->whole('universe', 1);
        $address = $in->address('address');
        $mode = $in->text('mode');

        return new Placed($id, $universe, Span::at($address, $in->whole('footprint', 1, Span::LAST_SLOT)), $mode);
    }
}
