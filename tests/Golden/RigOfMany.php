<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Golden;

/** A rig document of many units of the demo's types, with the faults that people make: clashes, twins, one address too high. */
final class RigOfMany
{
    /** @return array<string, mixed> as the open format rigger-rig has it */
    public static function document(int $units, int $universes): array
    {
        $demo = \dirname(__DIR__, 2).'/demo/';
        $types = array_map(static fn (mixed $file): array => self::json((string) $file), (array) glob($demo.'fixtures/*.json'));
        $fixtures = [];
        $universe = $address = 1;
        for ($nth = 0; $nth < $units; ++$nth) {
            $type = $nth % \count($types);
            $mode = $types[$type]['modes'][intdiv($nth, \count($types)) % \count($types[$type]['modes'])];
            $count = max(1, \count($mode['channels']));
            if ($address + $count > 513 || $nth >= intdiv($units * $universe, $universes)) {
                [$universe, $address] = [$universe + 1, 1];
            }
            $fixtures[] = ['name' => $types[$type]['model'].' no. '.($nth + 1), 'type' => $type, 'mode' => $mode['key'],
                'universe' => $universe, 'address' => $address,
                'link' => null, 'receiver' => null,
                'position' => 0 === $nth % 3
                    ? null
                    : ['front beam, left', 'back beam', 'floor'][$nth % 2 + intdiv($nth, 40) % 2], 'number' => 0 === $nth % 4
                        ? null
                        : $nth % 90 + 1];
            $address += 0 === $nth % 7 ? max(1, $count - 1) : $count;
        }

        return [
            'format' => 'rigger-rig',
            'version' => 1,
            'name' => 'Rig of '.$units,
            'venue' => 'The Boathouse Studio',
            'desk' => self::json($demo.'desks/tenfold-10.json'),
            'types' => $types,
            'links' => [],
            'fixtures' => $fixtures,
            'looks' => [],
        ];
    }

    /** @return array<string, mixed> */
    private static function json(string $file): array
    {
        /** @var array<string, mixed> */
        return json_decode((string) file_get_contents($file), true, 512, \JSON_THROW_ON_ERROR);
    }
}
