<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\Members;
use Rigger\Core\Patch\AddressCheck;
use Rigger\Core\Patch\Placed;
use Rigger\Core\Patch\Relation;
use Rigger\Core\Patch\Span;
use Rigger\Core\Patch\UniverseUsage;

/** `address.check` {"fixtures":[{"id","universe","address","mode","footprint"}]} → {"relations","usage"}. */
final class AddressCheckTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $fixtures = Members::of($input, ['fixtures'])->each('fixtures', self::fixture(...));
        UniqueIds::require('fixtures', array_map(static fn (Placed $one): string => $one->id, $fixtures));
        $check = AddressCheck::of($fixtures);

        return [
            'relations' => array_map(static fn (Relation $one): array => $one->toArray(), $check->relations),
            'usage' => array_map(static fn (UniverseUsage $one): array => $one->toArray(), $check->usage),
        ];
    }

    private static function fixture(mixed $item, string $path): Placed
    {
        $in = Members::of($item, ['id', 'universe', 'address', 'mode', 'footprint'], $path);
        $id = $in->text('id');
        $universe = $in->whole('universe', 1);
        $address = $in->address('address');
        $mode = $in->text('mode');

        return new Placed($id, $universe, Span::at($address, $in->whole('footprint', 1, Span::LAST_SLOT)), $mode);
    }
}
