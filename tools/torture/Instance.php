<?php

declare(strict_types=1);

/** One Rigger under trial, started by bin/start as a person would. */
final class Instance
{
    /** @var resource|null */
    private $process;

    /** @param list<string> $options of bin/start */
    public function __construct(
        private readonly string $checkout,
        public readonly string $data,
        public readonly int $port,
        private readonly int $databasePort,
        private readonly array $options = [],
    )
    {
    }

    /** @return array{int, string} its exit status (-1 while it runs) and what it said */
    public function start(bool $isExpectedToFail = false): array
    {
        // One that was killed outright has left its word behind that it was ready.
        if (!$isExpectedToFail && [] === $this->processes()) {
            @unlink($this->data.'/run/ready');
        }
        // Beside the data there may be no room.
        $log = (string) tempnam(sys_get_temp_dir(), 'rigger-said');
        $this->process = proc_open([
            'setsid',
            $this->checkout.'/bin/start',
            '--port',
            (string) $this->port,
            ...$this->options,
        ], [['file', '/dev/null', 'r'], ['file', $log, 'w'], ['redirect', 1]], $pipes, null,
            ['RIGGER_DATA' => $this->data, 'RIGGER_PG_PORT' => (string) $this->databasePort] + getenv()) ?: null;
        for ($until = microtime(true) + ($isExpectedToFail ? 30 : 90); microtime(true) < $until; usleep(50_000)) {
            $status = proc_get_status($this->process);
            if (!$status['running']) {
                return [$status['exitcode'], self::said($log)];
            }
            clearstatcache();
            if (!$isExpectedToFail && file_exists($this->data.'/run/ready')) {
                return [-1, self::said($log)];
            }
        }

        return [-1, self::said($log)];
    }

    private static function said(string $log): string
    {
        $said = trim((string) file_get_contents($log));
        unlink($log);

        return $said;
    }

    public function starter(): int
    {
        return (int) @file_get_contents($this->data.'/run/pid');
    }

    public function signal(int $signal): void
    {
        if ($this->starter() > 1) {
            posix_kill($this->starter(), $signal);
        }
    }

    /** Asks it to stop and waits until nothing of it is left. @return float seconds */
    public function stop(int $signal = SIGTERM): float
    {
        $from = microtime(true);
        $this->signal($signal);
        while ([] !== $this->processes() && microtime(true) - $from < 60) {
            usleep(50_000);
        }
        if (is_resource($this->process)) {
            proc_close($this->process);
        }
        $this->process = null;

        return microtime(true) - $from;
    }

    /**
     * Every process of it, by kind: what its watchers started, and what those started.
     *
     * @return array<string, list<int>>
     */
    public function processes(): array
    {
        $all = $parents = [];
        foreach (glob('/proc/[0-9]*') ?: [] as $folder) {
            $stat = @file_get_contents($folder.'/stat');
            if (false === $stat || 1 !== preg_match('/^(\d+) \((.*)\) (\S) (\d+)/s', $stat, $found) || 'Z' === $found[3]) {
                continue;
            }
            $all[(int) $found[1]] = [$found[2], strtr((string) @file_get_contents($folder.'/cmdline'), "\0", ' ')];
            $parents[(int) $found[1]] = (int) $found[4];
        }
        $kinds = [];
        foreach ($all as $pid => [$name, $line]) {
            $kind = match (true) {
                'runsv' === $name && str_contains($line, $this->data.'/') => 'watcher of '.basename(trim($line)),
                str_contains(
                    $line,
                    'rigger:stand-in '.$this->data.'/',
                ), str_contains($line, 'rigger:stand-in') && $this->isOf($pid, $parents, $all) => 'stand-in',
                str_contains($line, 'rigger:play ') && $this->isOf($pid, $parents, $all) => 'playback',
                str_contains($line, 'rigger:upkeep') && $this->isOf($pid, $parents, $all) => 'upkeep',
                str_contains($line, 'nginx: master') && str_contains($line, $this->data.'/') => 'nginx master',
                str_contains($line, 'nginx: worker') && $this->isOf($pid, $parents, $all) => 'nginx worker',
                str_contains($line, 'php-fpm: master') && str_contains($line, $this->data.'/') => str_contains($line, 'readers')
                    ? 'readers master'
                    : 'php master',
                str_contains($line, 'php-fpm: pool') && $this->isOf($pid, $parents, $all) => str_contains($line, 'readers')
                    ? 'reader'
                    : 'php worker',
                str_contains($line, 'postgres -D '.$this->data.'/pg') => 'postmaster',
                str_contains($line, 'postgres: rigger') && $this->isOf($pid, $parents, $all) => 'database session',
                default => null,
            };
            if (null !== $kind) {
                $kinds[$kind][] = $pid;
            }
        }
        ksort($kinds);

        return $kinds;
    }

    /**
     * @param array<int, int>                     $parents
     * @param array<int, array{string, string}> $all
     */
    private function isOf(int $pid, array $parents, array $all): bool
    {
        for ($at = $parents[$pid] ?? 0; $at > 1; $at = $parents[$at] ?? 0) {
            if (str_contains($all[$at][1] ?? '', $this->data.'/')) {
                return true;
            }
        }

        return false;
    }
}
