<?php

declare(strict_types=1);

/** Every kind of change in a rig of 500 fixtures in 8 universes, over HTTP. Expects the bench's own web server. */
$base = $argv[1];

/** A key for each write, as a window sends it. */
function requestKey(): string
{
    return preg_replace('/^(.{8})(.{4}).(.{3}).(.{3})(.{12})$/', '$1-$2-4$3-a$4-$5', bin2hex(random_bytes(16)));
}

/** @return array{float, mixed} milliseconds and the answer */
function ask(string $method, string $url, ?array $body = null): array
{
    $curl = curl_init($url);
    curl_setopt_array($curl, [CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true, CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Sec-Fetch-Site: same-origin', ...('GET' === $method ? [] : ['Idempotency-Key: '.requestKey()])], CURLOPT_ENCODING => 'gzip']);
    if (null !== $body) {
        curl_setopt($curl, CURLOPT_POSTFIELDS, json_encode($body));
    }
    $from = hrtime(true);
    $text = (string) curl_exec($curl);
    $took = (hrtime(true) - $from) / 1e6;
    if (200 !== curl_getinfo($curl, CURLINFO_RESPONSE_CODE)) {
        throw new RuntimeException($text);
    }

    return [$took, json_decode($text, true, 512, JSON_THROW_ON_ERROR)];
}

/** @param list<float> $times */
function figure(array $times): string
{
    sort($times);

    return sprintf('p50 %.1f ms, p95 %.1f ms', $times[(int) floor(0.5 * (count($times) - 1))], $times[(int) floor(0.95 * (count($times) - 1))]);
}

$rigs = ask('GET', $base.'/api/rigs')[1]['rigs'];
$id = array_values(array_filter($rigs, static fn (array $one): bool => 'Five hundred' === $one['name']))[0]['id'];
$url = $base.'/api/rigs/'.$id;
$rig = ask('GET', $url)[1];
$units = array_column($rig['fixtures'], 'id');
$version = $rig['version'];
$change = static function (string $what, callable $request) use (&$version, $url): void {
    $times = [];
    for ($run = 0; $run < 60; ++$run) {
        [$method, $path, $body] = $request($run);
        [$took, $answer] = ask($method, $url.$path, ['version' => $version] + $body);
        $version = $answer['version'];
        $times[] = $took;
    }
    printf("| 500 fixtures in 8 universes: %s | %s | 50 ms |\n", $what, figure(array_slice($times, 5)));
};
$change('a unit moved', static fn (int $run): array => ['PATCH', '/fixtures/'.$units[$run * 7], ['address' => (1 + $run % 8).'/'.(400 + $run % 60)]]);
$change('a unit renamed', static fn (int $run): array => ['PATCH', '/fixtures/'.$units[$run * 3], ['name' => 'Unit '.$run]]);
$change('undo and redo', static fn (int $run): array => ['POST', 0 === $run % 2 ? '/undo' : '/redo', []]);
