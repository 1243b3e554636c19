<?php

declare(strict_types=1);

use Rigger\Core\Page\ChartReader;

/** Chart reading, the library at 10,000 types, and the import of 1,000 fixtures. Expects the bench's own web server and database. */
require dirname(__DIR__, 2).'/core/autoload.php';

const TYPES = 10_000;
const FILES = 1000;
const PORTION = 20;

/** @param list<float> $times */
function spread(array $times): string
{
    sort($times);
    $at = static fn (float $share): float => $times[(int) min(count($times) - 1, floor($share * count($times)))];

    return sprintf('p50 %.1f ms, p95 %.1f ms', $at(0.5), $at(0.95));
}

/** @return array<string, mixed> */
function fixture(int $nth): array
{
    $makers = ['Marram', 'Sedge', 'Skerry', 'Tolland', 'Pellow', 'Ousel', 'Ferrow', 'Lomas'];
    $kinds = ['wash', 'spot', 'batten', 'moving head', 'hazer'];
    $emitters = array_slice(['red', 'green', 'blue', 'white', 'amber', 'uv'], 0, 1 + $nth % 6);
    $full = static fn (
        string $function,
        array $own = [],
    ): array => [['from' => 0, 'to' => 255, 'label' => ucfirst($function), 'function' => $function] + $own];
    $channels = [['label' => 'Dimmer', 'ranges' => $full('intensity', ['start' => 0, 'end' => 1])]];
    foreach ($emitters as $key) {
        $channels[] = ['label' => ucfirst($key), 'ranges' => $full('emitter', ['emitter' => $key, 'start' => 0, 'end' => 1])];
    }
    foreach (array_slice(['strobe', 'pan', 'tilt', 'gobo', 'prism', 'zoom', 'program'], 0, $nth % 8) as $function) {
        $own = 'program' === $function ? [] : ('gobo' === $function ? ['slot' => 1] : ['start' => null, 'end' => null]);
        $channels[] = ['label' => ucfirst($function), 'ranges' => $full($function, $own)];
    }
    foreach ($channels as $index => $channel) {
        $channels[$index] = ['offset' => $index + 1] + $channel;
    }

    return [
        'format' => 'rigger-fixture', 'version' => 1, 'maker' => $makers[$nth % 8], 'model' => 'Model '.$nth, 'kind' => $kinds[$nth % 5],
        'emitters' => array_map(static fn (string $key): array => ['key' => $key, 'x' => 0.3, 'y' => 0.3, 'flux' => 0.5], $emitters),
        'modes' => [['key' => 'all', 'name' => count($channels).'-channel', 'count' => count($channels), 'channels' => $channels]],
    ];
}

/** @return array{float, string} milliseconds and body */
function get(string $url): array
{
    $from = hrtime(true);
    $body = (string) file_get_contents($url);

    return [(hrtime(true) - $from) / 1e6, $body];
}

/** @param list<int> $numbers */
function send(string $base, array $numbers): void
{
    $mark = '----rigger-bench';
    $body = '';
    foreach ($numbers as $nth) {
        $body .= "--{$mark}\r\nContent-Disposition: form-data; name=\"files[]\"; filename=\"{$nth}.json\"\r\nContent-Type: application/json\r\n\r\n".json_encode(fixture($nth))."\r\n";
    }
    $context = stream_context_create(['http' => ['method' => 'POST', 'header' => "Content-Type: multipart/form-data; boundary={$mark}\r\nOrigin: {$base}", 'content' => $body."--{$mark}--\r\n", 'timeout' => 300]]);
    $answer = json_decode((string) file_get_contents($base.'/api/imports', false, $context), true, 16, JSON_THROW_ON_ERROR);
    if (count(array_filter($answer['results'], static fn (array $result): bool => null !== $result['problem'])) > 0) {
        throw new RuntimeException('An import of the bench was refused.');
    }
}

$base = $argv[1];

// A page of 40 channels, each with its ranges on lines of their own.
$page = "40-channel mode\n";
for ($channel = 1; $channel <= 40; ++$channel) {
    $page .= ["CH{$channel} Strobe 000-009 off / 010-249 slow-fast / 250-255 on\n", "CH{$channel} Red 000-255 0-100 %\n", "CH{$channel} Colour wheel\n000-014 White\n015-029 Red\n030-127 Amber\n128-255 Rotation slow to fast\n"][$channel % 3];
}
ChartReader::read($page);
$times = [];
for ($run = 0; $run < 30; ++$run) {
    $from = hrtime(true);
    ChartReader::read($page);
    $times[] = (hrtime(true) - $from) / 1e6;
}
printf("| page of 40 channels read, in the core | %s | 50 ms |\n", spread($times));

$times = [];
$context = stream_context_create(['http' => ['method' => 'POST', 'header' => "Content-Type: application/json\r\nOrigin: {$base}", 'content' => json_encode(['text' => $page])]]);
for ($run = 0; $run < 40; ++$run) {
    $from = hrtime(true);
    file_get_contents($base.'/api/calc/chart.read', false, $context);
    $times[] = (hrtime(true) - $from) / 1e6;
}
printf("| the same over HTTP; the sheet asks 90 ms after the last key | %s | 150 ms |\n", spread($times));

$from = hrtime(true);
foreach (array_chunk(range(1, FILES), PORTION) as $numbers) {
    send($base, $numbers);
}
printf(
    "| import of %s fixtures over HTTP, %d files at a time | %.1f s | 60 s |\n",
    number_format(FILES),
    PORTION,
    (hrtime(true) - $from) / 1e9,
);

// The rest straight into the tables: the triggers build the same index.
$database = new PDO(...(static function (): array {
    $url = parse_url((string) getenv('DATABASE_URL'));
    parse_str($url['query'] ?? '', $query);

    return [
        sprintf('pgsql:host=%s;port=%d;dbname=%s', $query['host'] ?? $url['host'], $url['port'] ?? 5432, ltrim($url['path'], '/')),
        $url['user'] ?? null,
        $url['pass'] ?? null,
    ];
})());
$database->setAttribute(PDO::ATTR_ERRMODE, PDO::ERRMODE_EXCEPTION);
$database->beginTransaction();
$type = $database->prepare('INSERT INTO fixture_type (id, maker, model) VALUES (?, ?, ?)');
$revision = $database->prepare('INSERT INTO fixture_revision (id, type_id, number, chart) VALUES (?, ?, 1, ?)');
for ($nth = FILES + 1; $nth <= TYPES; ++$nth) {
    $chart = fixture($nth);
    $id = sprintf('00000000-0000-7000-8000-%012d', $nth);
    $type->execute([$id, $chart['maker'], $chart['model']]);
    $revision->execute([sprintf('00000000-0000-7000-9000-%012d', $nth), $id, json_encode($chart)]);
}
$database->commit();
$database->exec('ANALYZE');

$searches = [
    'RGBAW under 10 channels',
    'sedge',
    'model 4711',
    'moving head with gobo',
    'hazer',
    'strobe zoom',
    '9-12 ch amber',
    'nothing like it',
    '',
];
$times = [];
for ($run = 0; $run < 20; ++$run) {
    foreach ($searches as $search) {
        [$times[]] = get($base.'/api/types?search='.rawurlencode($search));
    }
}
printf(
    "| library search over HTTP, %s types, %d kinds of question | %s | p95 30 ms |\n",
    number_format(TYPES),
    count($searches),
    spread($times),
);
