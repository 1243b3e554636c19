<?php

declare(strict_types=1);

/** Prints a rig document of so many fixtures, some 62 a universe, of the demo's types, for the benches: house.php [500]. */
$units = (int) ($argv[1] ?? 500);
$types = array_map(
    static fn (string $file): array => json_decode((string) file_get_contents($file), true, 512, JSON_THROW_ON_ERROR),
    glob(dirname(__DIR__, 2).'/demo/fixtures/*.json') ?: [],
);
$fixtures = [];
$universe = $address = 1;
for ($nth = 0; $nth < $units; ++$nth) {
    $type = $nth % count($types);
    $mode = $types[$type]['modes'][0];
    $count = count($mode['channels']);
    if ($address + $count > 513 || $nth >= 62.5 * $universe) {
        [$universe, $address] = [$universe + 1, 1];
    }
    $fixtures[] = [
        'name' => $types[$type]['model'].' no. '.($nth + 1),
        'type' => $type,
        'mode' => $mode['key'],
        'universe' => $universe,
        'address' => $address,
        'link' => null,
        'receiver' => null,
    ];
    $address += $count;
}
echo json_encode([
    'format' => 'rigger-rig', 'version' => 1, 'name' => 500 === $units ? 'Five hundred' : 'Rig of '.$units, 'venue' => 'Bench',
    'desk' => json_decode((string) file_get_contents(dirname(__DIR__, 2).'/demo/desks/tenfold-10.json'), true, 512, JSON_THROW_ON_ERROR),
    'types' => $types, 'links' => [], 'fixtures' => $fixtures, 'looks' => [],
], JSON_THROW_ON_ERROR);
