<?php

declare(strict_types=1);

/** Measures the playback process beside the web server: from a command to the frame that holds it. Usage: play.php BASE. */
$base = $argv[1];
$port = (int) parse_url($base, PHP_URL_PORT);
$rigs = json_decode((string) file_get_contents($base.'/api/rigs?limit=200'), true, 512, JSON_THROW_ON_ERROR)['rigs'];
$rig = array_values(array_filter($rigs, static fn (array $rig): bool => 'Bench' === $rig['name']))[0]['id'];
$uuid = static fn (): string => vsprintf('%s%s-%s-4%s-a%s-%s%s%s', array_map(
    static fn (int $count): string => substr(bin2hex(random_bytes(4)), 0, $count),
    [4, 4, 4, 3, 3, 4, 4, 4],
));
[$stream, $seat] = [$uuid(), $uuid()];
$socket = stream_socket_client('tcp://127.0.0.1:'.$port);
fwrite($socket, "GET /play/streams/{$stream} HTTP/1.0\r\nHost: 127.0.0.1:{$port}\r\n\r\n");
usleep(100_000);
$curl = curl_init();
$say = static function (string $path, array $body) use ($curl, $base): void {
    curl_setopt_array($curl, [
        CURLOPT_URL => $base.$path,
        CURLOPT_POSTFIELDS => json_encode($body),
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Sec-Fetch-Site: same-origin', 'Expect:'],
    ]);
    curl_exec($curl);
    if (204 !== curl_getinfo($curl, CURLINFO_RESPONSE_CODE)) {
        throw new RuntimeException('The playback process refused '.$path);
    }
};
$say("/play/seats/{$rig}/{$seat}", ['stream' => $stream, 'window' => 'w']);
usleep(200_000);
$slots = static function (int $turn): array {
    $values = [];
    for ($address = 1; $address <= 512; ++$address) {
        $values[$address] = 0 === ($address - 1) % 16 ? 255 : (6 === ($address - 1) % 16 ? 230 : (7 === ($address - 1) % 16 ? 0 : ($address * 7 + $turn) % 256));
    }

    return $values;
};
stream_set_blocking($socket, false);
fread($socket, 1_000_000);
stream_set_blocking($socket, true);
$number = 0;
$times = $bytes = ['one' => [], 'all' => []];
foreach (['all' => $slots, 'one' => static fn (int $turn): array => [2 => $turn % 256]] as $what => $values) {
    for ($turn = 0; $turn < 300; ++$turn) {
        usleep(30_000);
        $body = ['window' => 'w', 'number' => ++$number, 'commands' => [['do' => 'move-faders', 'slots' => (object) $values($turn)]]];
        $from = hrtime(true);
        $say("/play/seats/{$rig}/{$seat}/commands", $body);
        $got = '';
        do {
            $got .= (string) fread($socket, 262144);
        } while (!str_contains($got, '"taken":{"w":'.$number));
        $times[$what][] = (hrtime(true) - $from) / 1e6;
        $bytes[$what][] = strlen($got);
    }
}
$at = static function (array $list, float $share): float {
    sort($list);

    return $list[(int) floor($share * (count($list) - 1))];
};
foreach (['one' => 'one fader', 'all' => 'every fader'] as $what => $words) {
    printf(
        "| a command at the web server to the frame that holds it, 100 units of 16 channels, %s | p50 %.1f ms, p95 %.1f ms, %.1f kB | 1.5 ms |\n",
        $words,
        $at($times[$what], 0.5),
        $at($times[$what], 0.95),
        $at($bytes[$what], 0.5) / 1000,
    );
}
