<?php

declare(strict_types=1);

/**
 * Measures how evenly frames come while somebody moves faders without a pause, and what that costs. Usage: gaps.php BASE DATA SECONDS;
 * prints rows of the benchmarks' table. An hour of it beside other work says what an evening is like.
 */
require __DIR__.'/Playing.php';

[, $base, $data, $seconds] = $argv;
$playing = new Playing($base, 'The Tidekeeper');
/** Seconds of one core that the process has taken since it started. */
$spent = static function () use ($data): float {
    $pid = trim((string) shell_exec('pgrep -f '.escapeshellarg('^php .*rigger:play '.$data)));
    $fields = explode(' ', preg_replace('/^.*\) /', '', (string) file_get_contents("/proc/{$pid}/stat")) ?? '');

    return ((int) $fields[11] + (int) $fields[12]) / 100;
};

$atRest = $spent();
sleep(20);
$atRest = ($spent() - $atRest) / 20;

$hand = pcntl_fork();
if (0 === $hand) {
    for ($number = 1, $end = hrtime(true) + (int) ((float) $seconds * 1e9); hrtime(true) < $end; ++$number) {
        $playing->do($number, [['do' => 'move-faders', 'slots' => (object) [1 => $number % 256]]]);
        usleep(8_000);
    }
    exit(0);
}
$before = $spent();
$from = hrtime(true);
$gaps = [];
$frames = 0;
$last = null;
while (null !== ($read = $playing->read()) && 0 === pcntl_waitpid($hand, $status, WNOHANG)) {
    $now = hrtime(true);
    $count = substr_count($read, '"n":');
    $frames += $count;
    if ($count > 0) {
        if (null !== $last) {
            $gaps[] = ($now - $last) / 1e6;
        }
        $last = $now;
    }
}
$took = (hrtime(true) - $from) / 1e9;
sort($gaps);
$at = static fn (float $share): float => $gaps[(int) ($share * (count($gaps) - 1))];
printf("| frames while faders move for %.0f s | %.2f a second, gaps p50 %.1f ms, p99 %.1f ms, longest %.0f ms | p99 35 ms |\n", $took, $frames / $took, $at(0.5), $at(0.99), $at(1.0));
printf("| of a core, while they move / at rest | %.1f %% / %.1f %% | 10 %% / 1 %% |\n", 100 * ($spent() - $before) / $took, 100 * $atRest);
