<?php

declare(strict_types=1);

/**
 * What a change costs, as a ratio to a floor of the same run: an endpoint of the same stack that asks the database one question. Each
 * measured request has one of the floor beside it, so that a slow moment of the machine slows both. Expects the bench's own web server.
 */
$base = $argv[1];
$runs = (int) ($argv[2] ?? 80);
$curl = curl_init();

/** @return array{float, mixed, int, string} milliseconds, the answer, its bytes as sent, its ETag */
function ask(string $method, string $url, ?array $body = null, array $headers = []): array
{
    global $curl;
    $size = 0;
    $tag = '';
    curl_setopt_array($curl, [
        CURLOPT_URL => $url, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true, CURLOPT_ENCODING => 'gzip',
        CURLOPT_POSTFIELDS => null === $body
            ? ''
            : json_encode($body),
        CURLOPT_HTTPHEADER => [
            'Content-Type: application/json',
            'Sec-Fetch-Site: same-origin',
            ...$headers,
            ...('GET' === $method ? [] : ['Idempotency-Key: '.vsprintf(
                '%s%s-%s-4%.3s-a%.3s-%s%s%s',
                str_split(bin2hex(random_bytes(16)), 4),
            )]),
        ],
        CURLOPT_HEADERFUNCTION => static function ($handle, string $line) use (&$tag): int {
            if (0 === stripos($line, 'etag:')) {
                $tag = trim(substr($line, 5));
            }

            return strlen($line);
        },
    ]);
    $from = hrtime(true);
    $text = (string) curl_exec($curl);
    $took = (hrtime(true) - $from) / 1e6;
    $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
    if (!in_array($status, [200, 304], true)) {
        throw new RuntimeException($status.' '.$text);
    }

    return [
        $took,
        '' === $text ? null : json_decode($text, true, 512, JSON_THROW_ON_ERROR),
        (int) curl_getinfo($curl, CURLINFO_SIZE_DOWNLOAD_T),
        $tag,
    ];
}

/** @param list<float> $times */
function median(array $times): float
{
    sort($times);

    return $times[intdiv(count($times), 2)];
}

/** @param callable(int): float $measure milliseconds of one request */
function row(string $what, string $reach, string $floorUrl, int $runs, callable $measure): float
{
    $floor = $times = [];
    for ($run = 0; $run < $runs; ++$run) {
        $floor[] = ask('GET', $floorUrl)[0];
        $took = $measure($run);
        if ($run >= 5) {
            $times[] = $took;
        }
    }
    $ratio = median($times) / median($floor);
    printf("| %s | %.1f × floor (%.1f ms of %.1f) | %s |\n", $what, $ratio, median($times), median($floor), $reach);

    return $ratio;
}

$rigs = [];
foreach (ask('GET', $base.'/api/rigs')[1]['rigs'] as $one) {
    $rigs[$one['name']] ??= $one['id'];
}
$names = [
    'The Tidekeeper' => ['14', '2.5 ×'],
    'Rig of 100' => ['100', '3 ×'],
    'Five hundred' => ['500', '3.5 ×'],
    'Rig of 2000' => ['2,000', '5 ×'],
];
foreach ($names as $name => [$units, $reach]) {
    if (!isset($rigs[$name])) {
        continue;
    }
    $url = $base.'/api/rigs/'.$rigs[$name];
    $rig = ask('GET', $url)[1];
    $ids = array_column($rig['units'], 'id');
    $version = $rig['version'];
    $bytes = [];
    row('one unit moved, of '.$units, $reach, $url.'/version', $runs, static function (int $run) use ($url, $ids, &$version, &$bytes): float {
        [$took, $answer, $size] = ask(
            'POST',
            $url.'/changes',
            [
                'base' => $version,
                'changes' => [[
                    'do' => 'move-units',
                    'units' => [$ids[($run * 7) % count($ids)]],
                    'to' => random_int(1, 2).'/'.random_int(300, 480),
                ]],
            ],
        );
        $version = $answer['version'];
        $bytes[] = (float) $size;

        return $took;
    });
    if ('500' === $units) {
        printf("| answer to it at 500, compressed | %.1f kB | 8 kB |\n", median($bytes) / 1000);
        [, , $size, $tag] = ask('GET', $url);
        row(
            'rig unchanged (304)',
            '1.3 ×',
            $url.'/version',
            $runs,
            static fn (): float => ask('GET', $url, null, ['If-None-Match: '.$tag])[0],
        );
        printf("| whole rig at 500, compressed | %.1f kB | 40 kB |\n", $size / 1000);
        row('whole rig at 500', '–', $url.'/version', $runs, static fn (): float => ask('GET', $url)[0]);
    }
}

// Undo and redo of a young and of an old rig.
$url = $base.'/api/rigs/'.$rigs['The Tidekeeper'];
$step = static function (string $what) use ($url, $runs): float {
    $version = ask('GET', $url.'/version')[1]['version'];

    return row($what, '–', $url.'/version', $runs, static function (int $run) use ($url, &$version): float {
        [$took, $answer] = ask('POST', $url.'/changes', ['base' => $version, 'changes' => [['do' => 0 === $run % 2 ? 'undo' : 'redo']]]);
        $version = $answer['version'];

        return $took;
    });
};
$young = $step('undo and redo at some 100 changes');
$version = ask('GET', $url.'/version')[1]['version'];
for ($made = 0; $made < (int) ($argv[3] ?? 10_000); ++$made) {
    $version = ask(
        'POST',
        $url.'/changes',
        [
            'base' => $version,
            'changes' => [['do' => 'rename-rig', 'name' => 'The Tidekeeper'.str_repeat(' ', 0).($made % 2 ? ' ' : ' II')]],
        ],
    )[1]['version'];
}
$old = $step('undo and redo at 10,000 changes more');
printf("| undo and redo at 10,000 changes, of those at 100 | %.2f × | within 1.2 × |\n", $old / $young);
