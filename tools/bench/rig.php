<?php

declare(strict_types=1);

/* A rig of 100 fixtures of 16 channels, as an open document. Half of them are twins, as in small venues. */
$wash = json_decode((string) file_get_contents(__DIR__.'/../../demo/fixtures/marram-drum-6.json'), true, 512, JSON_THROW_ON_ERROR);
$nine = $wash['modes'][1]['channels'];
$extra = [
    ['label' => 'Pan', 'ranges' => [['from' => 0, 'to' => 255, 'label' => '540°', 'function' => 'pan', 'start' => -270, 'end' => 270]]],
    ['label' => 'Pan fine', 'fineOf' => 10],
    ['label' => 'Tilt', 'ranges' => [['from' => 0, 'to' => 255, 'label' => '230°', 'function' => 'tilt', 'start' => -115, 'end' => 115]]],
    ['label' => 'Tilt fine', 'fineOf' => 12],
    ['label' => 'Zoom', 'ranges' => [['from' => 0, 'to' => 255, 'label' => 'Zoom', 'function' => 'zoom', 'start' => 10, 'end' => 40]]],
    [
        'label' => 'Preset',
        'ranges' => [
            ['from' => 0, 'to' => 15, 'label' => 'Off', 'function' => 'none'],
            ['from' => 16, 'to' => 255, 'label' => 'Sea', 'function' => 'colour-preset', 'hex' => '#20c0c0'],
        ],
    ],
    ['label' => 'Frost', 'ranges' => [['from' => 0, 'to' => 255, 'label' => 'Frost', 'function' => 'frost', 'start' => 0, 'end' => 1]]],
];
$all = [];
foreach ([...$nine, ...$extra] as $index => $channel) {
    $all[] = ['offset' => $index + 1] + $channel;
}
$wash['model'] = 'Bench 16';
$wash['modes'] = [['key' => 'sixteen', 'name' => '16-channel', 'count' => 16, 'channels' => $all]];
$fixtures = [];
for ($unit = 0; $unit < 100; ++$unit) {
    $fixtures[] = ['name' => 'Unit '.($unit + 1), 'type' => 0, 'mode' => 'sixteen', 'universe' => 1, 'address' => 1 + 16 * ($unit % 31)];
}
echo json_encode(
    [
        'format' => 'rigger-rig',
        'version' => 1,
        'name' => 'Bench',
        'venue' => 'The Boathouse Studio',
        'desk' => [
            'format' => 'rigger-desk',
            'version' => 1,
            'name' => 'Bench 128',
            'layout' => 'flat',
            'faders' => 128,
            'pages' => 4,
            'master' => 'all',
        ],
        'types' => [$wash],
        'links' => [],
        'fixtures' => $fixtures,
        'looks' => [],
    ],
    JSON_THROW_ON_ERROR,
);
