<?php

declare(strict_types=1);

use Rigger\Core\Document\RigReader;
use Rigger\Core\Input\Json;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Patch\Span;
use Rigger\Core\Playback\Command\MoveFaders;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\PlayedUnit;
use Rigger\Core\Playback\Seat;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$base = $argv[1];

/** @param list<float> $times */
function at(array $times, float $share): float
{
    sort($times);

    return $times[(int) floor($share * (count($times) - 1))];
}

function row(string $what, string $figure, string $goal): void
{
    echo "| {$what} | {$figure} | {$goal} |\n";
}

/** @return array<int, int> */
function slots(int $frame): array
{
    $slots = [];
    for ($address = 1; $address <= 512; ++$address) {
        $slots[$address] = 0 === ($address - 1) % 16
            ? 255
            : (6 === ($address - 1) % 16 ? 230 : (7 === ($address - 1) % 16 ? 0 : ($address * 7 + $frame) % 256));
    }

    return $slots;
}

echo "| what | measured | goal |\n|---|---|---|\n";

// The core: a compiled rig of 100 units of 16 channels.
$rig = RigReader::read(Json::decode((string) file_get_contents(dirname(__DIR__, 2).'/var/bench-rig.json')));
$compile = [];
for ($run = 0; $run < 20; ++$run) {
    $from = hrtime(true);
    $mode = CompiledMode::of($rig->types[0], 'sixteen');
    $compile[] = (hrtime(true) - $from) / 1e6;
}
$units = [];
foreach ($rig->units as $index => $unit) {
    $units[] = new PlayedUnit((string) $index, $unit->name, 1, Span::at($unit->address, 16), $mode, null);
}
$seat = Seat::take(new CompiledRig($units, 1));
$frames = $moves = [];
for ($frame = 0; $frame < 400; ++$frame) {
    // Everything at once, as a master moves it, and one fader, as a hand does.
    foreach ([['frames', slots($frame)], ['moves', [1 => $frame % 256]]] as [$into, $values]) {
        $from = hrtime(true);
        $seat->do(new MoveFaders($values));
        $seat->tick(0.025);
        $$into[] = (hrtime(true) - $from) / 1e6;
        $seat->takeChanged();
    }
}
[$frames, $moves] = [array_slice($frames, 50), array_slice($moves, 50)];
row('chart of 16 channels compiled', sprintf('%.2f ms', at($compile, 0.5)), '0.2 ms');
row(
    'one frame in the core, 100 units of 16 channels, every fader moved',
    sprintf('p50 %.2f ms, p95 %.2f ms', at($frames, 0.5), at($frames, 0.95)),
    '0.12 ms',
);
row('the same, one fader moved', sprintf('p50 %.2f ms, p95 %.2f ms', at($moves, 0.5), at($moves, 0.95)), '0.12 ms');

// The live answer over HTTP.
$rigs = json_decode((string) file_get_contents($base.'/api/rigs'), true, 512, JSON_THROW_ON_ERROR);
$bench = array_values(array_filter($rigs['rigs'], static fn (array $rig): bool => 'Bench' === $rig['name']))[0];
$url = $base.'/api/rigs/'.$bench['id'].'/live';
/** Where a hand has left the desk: what a window asks while the playback process is away. */
$desk = static fn (int $frame): string => (string) json_encode(['standing' => ['slots' => slots($frame), 'master' => 200]]);
$handle = static function (int $frame) use ($url, $desk): CurlHandle {
    $curl = curl_init($url);
    curl_setopt_array(
        $curl,
        [
            CURLOPT_POST => true,
            CURLOPT_POSTFIELDS => $desk($frame),
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Sec-Fetch-Site: same-origin'],
        ],
    );

    return $curl;
};
$times = [];
$one = $handle(0);
for ($frame = 0; $frame < 600; ++$frame) {
    curl_setopt($one, CURLOPT_POSTFIELDS, $desk($frame));
    $from = hrtime(true);
    $body = curl_exec($one);
    $times[] = (hrtime(true) - $from) / 1e6;
    if (200 !== curl_getinfo($one, CURLINFO_RESPONSE_CODE) || !is_string($body)) {
        throw new RuntimeException('The live answer failed: '.$body);
    }
}
$times = array_slice($times, 100);
row(
    'single answer over HTTP for that rig, where a desk stands to what every lamp does, 1 client',
    sprintf('p50 %.1f ms, p95 %.1f ms', at($times, 0.5), at($times, 0.95)),
    'p95 10 ms',
);

$multi = curl_multi_init();
$left = 2000;
$open = 0;
$from = hrtime(true);
$add = static function () use (&$left, &$open, $multi, $handle): void {
    if ($left-- > 0) {
        curl_multi_add_handle($multi, $handle($left));
        ++$open;
    }
};
for ($client = 0; $client < 8; ++$client) {
    $add();
}
while ($open > 0) {
    curl_multi_exec($multi, $running);
    curl_multi_select($multi, 0.1);
    while ($done = curl_multi_info_read($multi)) {
        curl_multi_remove_handle($multi, $done['handle']);
        --$open;
        $add();
    }
}
row('the same, 8 clients at once', sprintf('%d requests a second', (int) (2000 / ((hrtime(true) - $from) / 1e9))), '');

// What a browser loads for the first view (the desk).
$manifest = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/public/build/manifest.json'), true, 512, JSON_THROW_ON_ERROR);
$files = [];
$walk = static function (string $key) use (&$walk, &$files, $manifest): void {
    $chunk = $manifest[$key];
    if (isset($files[$chunk['file']])) {
        return;
    }
    foreach ([$chunk['file'], ...$chunk['css'] ?? []] as $file) {
        $files[$file] = strlen((string) gzencode((string) file_get_contents(dirname(__DIR__, 2).'/public/build/'.$file), 6));
    }
    foreach ($chunk['imports'] ?? [] as $import) {
        $walk($import);
    }
};
$walk('assets/main.ts');
$walk('assets/stages/desk/DeskStage.svelte');
row('script and style for the first view, compressed', sprintf('%d kB', (int) ceil(array_sum($files) / 1024)), '250 kB');
