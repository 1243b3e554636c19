<?php

declare(strict_types=1);

/** Measures the playback process beside the web server: from a command to the frame that holds it. Usage: play.php BASE. */
require __DIR__.'/Playing.php';

$playing = new Playing($argv[1], 'Bench');
$slots = static function (int $turn): array {
    $values = [];
    for ($address = 1; $address <= 512; ++$address) {
        $values[$address] = 0 === ($address - 1) % 16 ? 255 : (6 === ($address - 1) % 16 ? 230 : (7 === ($address - 1) % 16 ? 0 : ($address * 7 + $turn) % 256));
    }

    return $values;
};
$number = 0;
$times = $bytes = ['one' => [], 'all' => []];
foreach (['all' => $slots, 'one' => static fn (int $turn): array => [2 => $turn % 256]] as $what => $values) {
    for ($turn = 0; $turn < 300; ++$turn) {
        usleep(30_000);
        $commands = [['do' => 'move-faders', 'slots' => (object) $values($turn)]];
        $from = hrtime(true);
        $playing->do(++$number, $commands);
        $got = '';
        do {
            $got .= (string) $playing->read();
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
