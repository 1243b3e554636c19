<?php

declare(strict_types=1);

/** The scenarios, one after the other, and the table of what became of what was acknowledged. */
final class Trial
{
    /** Seconds until a killed process must be there again; a killed session makes the database begin anew as a whole. */
    private const GAP = 2.0;
    private const DATABASE_GAP = 8.0;
    /** A run of few kills is made beside other work and says whether anything comes back, not how fast. */
    private const PATIENT_GAP = 20.0;
    private const FEW = 100;

    private int $passed = 0;
    private int $failed = 0;
    /** @var array<string, float> longest time until a killed process of that kind was back */
    private array $back = [];

    public function __construct(
        private readonly string $checkout,
        private readonly string $folder,
        private readonly int $port,
        private readonly int $kills,
        private readonly ?string $disk,
    )
    {
    }

    public function run(): int
    {
        echo "| trial | faults | acknowledged | kept | doubled | lost | longest gap |\n|---|---|---|---|---|---|---|\n";
        $one = $this->instance('data');
        [$status, $said] = $one->start();
        if (-1 !== $status) {
            echo "It does not start: $said\n0 passed, 1 failed\n";

            return 1;
        }
        $rigs = $this->rigs($one->port);
        $this->underKills($one, $rigs);
        $this->playing($one);
        $this->lostAnswers($one);
        $this->halted($one);
        $this->signals($one);
        $this->refusedStarts($one);
        $one->stop();
        $this->fullDisk();
        echo "\nUntil a killed process was there again, the longest of each kind: ".implode(
            ', ',
            array_map(
                static fn (string $kind, float $gap): string => sprintf('%s %.1f s', $kind, $gap),
                array_keys($this->back),
                $this->back,
            ),
        ).".\n";
        printf("\n%d passed, %d failed\n", $this->passed, $this->failed);

        return 0 === $this->failed ? 0 : 1;
    }

    /** @param list<string> $rigs */
    private function underKills(Instance $instance, array $rigs): void
    {
        $writers = new Writers($instance->port, $rigs, $this->folder.'/kills');
        $writers->begin();
        $gap = 0.0;
        $kinds = [];
        for ($kill = 0; $kill < $this->kills; ++$kill) {
            usleep(random_int(100_000, 600_000));
            $processes = $instance->processes();
            // Every kind in turn, so that each is met: one may be away just now, so those that were not met come first.
            $names = array_keys($processes);
            $kind = array_values(array_diff($names, array_keys($kinds)))[0] ?? $names[$kill % count($names)];
            $victim = $processes[$kind][array_rand($processes[$kind])];
            posix_kill($victim, SIGKILL);
            $kinds[$kind] = true;
            [$answered, $back] = $this->recovery($instance, $kind, $victim, count($processes[$kind]));
            $gap = max($gap, $answered);
            $this->back[$kind] = max($this->back[$kind] ?? 0.0, $back);
        }
        $writers->end();
        $this->row(
            sprintf('kill -9 of %d kinds, 8 writers with undo', count($kinds)),
            $this->kills,
            $writers->acknowledged(),
            $rigs,
            $instance->port,
            $gap,
        );
        foreach ($this->back as $kind => $seconds) {
            $most = match (true) {
                $this->kills < self::FEW => self::PATIENT_GAP,
                in_array($kind, ['postmaster', 'database session', 'watcher of database'], true) => self::DATABASE_GAP,
                default => self::GAP,
            };
            $this->must($seconds < $most, sprintf('%s was away for %.1f s', $kind, $seconds));
        }
        $this->must(
            [] === array_diff(
                ['nginx master', 'nginx worker', 'php master', 'php worker', 'postmaster', 'stand-in', 'playback', 'upkeep', 'database session'],
                array_keys($kinds),
            ),
            'Not every kind of process was killed: '.implode(', ', array_keys($kinds)),
        );
    }

    /** @return array{float, float} seconds until it answers again, and until there are as many of the kind again */
    private function recovery(Instance $instance, string $kind, int $victim, int $count): array
    {
        $from = microtime(true);
        $answered = $back = null;
        $client = new Client($instance->port);
        // Sessions come and go with the requests that need them.
        $wanted = in_array($kind, ['database session'], true) ? 1 : $count;
        while (microtime(true) - $from < self::PATIENT_GAP && (null === $answered || null === $back)) {
            if (null === $answered && 200 === $client->once('GET', '/api/rigs')[0]) {
                $answered = microtime(true) - $from;
            }
            $there = array_diff($instance->processes()[$kind] ?? [], [$victim]);
            if (null === $back && count($there) >= $wanted) {
                $back = microtime(true) - $from;
            }
            usleep(20_000);
        }

        return [$answered ?? self::PATIENT_GAP, $back ?? self::PATIENT_GAP];
    }

    private function playing(Instance $instance): void
    {
        $kills = max(3, intdiv($this->kills, 10));
        $playing = new Playing($instance, $this->rigs($instance->port), $kills);
        ['moves' => $moves, 'gap' => $gap] = $playing->run();
        $this->must([] === $playing->wrong, 'Playing: '.implode('; ', $playing->wrong));
        printf("| 60 windows at their seats, killed, flooded, some deaf | %d | %d | – | – | %d | %.1f s |\n", $kills, $moves, count($playing->wrong), $gap);
    }

    private function lostAnswers(Instance $instance): void
    {
        $rigs = $this->rigs($instance->port);
        $proxy = proc_open([PHP_BINARY, __DIR__.'/CuttingProxy.php', (string) ($this->port + 1), (string) $instance->port], [], $pipes);
        usleep(500_000);
        $writers = new Writers($this->port + 1, $rigs, $this->folder.'/cut');
        $writers->begin();
        sleep($this->kills < self::FEW ? 5 : 20);
        $writers->end();
        proc_terminate($proxy, SIGKILL);
        $this->row('half of the answers cut off', 0, $writers->acknowledged(), $rigs, $instance->port, null);
    }

    /** All processes stop at once, as when a machine halts; what the disk holds then is opened elsewhere. */
    private function halted(Instance $instance): void
    {
        $rigs = $this->rigs($instance->port);
        $writers = new Writers($instance->port, $rigs, $this->folder.'/halt');
        $writers->begin();
        sleep(3);
        $pids = array_merge(...array_values($instance->processes()));
        // Those of the database too that serve nobody: its writers.
        exec('pgrep -P '.implode(' -P ', array_map(strval(...), $instance->processes()['postmaster'])), $helpers);
        foreach ([...$pids, ...array_map(intval(...), $helpers)] as $pid) {
            posix_kill($pid, SIGSTOP);
        }
        $acknowledged = $writers->acknowledged();
        $copy = $this->folder.'/halted';
        exec('cp -a '.escapeshellarg($instance->data).' '.escapeshellarg($copy));
        foreach ([...array_map(intval(...), $helpers), ...$pids] as $pid) {
            posix_kill($pid, SIGCONT);
        }
        $writers->end();
        $other = $this->instance('halted', 3);
        [$status, $said] = $other->start();
        $this->must(-1 === $status, 'The copy of a halted machine does not open: '.$said);
        if (-1 === $status) {
            $this->row('the machine halts; the copy is opened', 1, $acknowledged, $rigs, $other->port, null, false);
            $other->stop();
        }
        $this->row('the same Rigger, gone on after the halt', 1, $writers->acknowledged(), $rigs, $instance->port, null);
    }

    private function signals(Instance $instance): void
    {
        foreach (['TERM' => SIGTERM, 'INT' => SIGINT, 'HUP, a closed terminal' => SIGHUP] as $name => $signal) {
            $seconds = $instance->stop($signal);
            $this->must([] === $instance->processes(), 'After '.$name.' there is left: '.json_encode($instance->processes()));
            $this->must($seconds < 60, sprintf('Stopping by %s took %.1f s', $name, $seconds));
            $this->must(-1 === $instance->start()[0], 'It does not start again after '.$name);
        }
        // Killed outright, it takes all it watched along, and the next start finds nothing in its way.
        $instance->signal(SIGKILL);
        for ($wait = 0; $wait < 300 && [] !== $instance->processes(); ++$wait) {
            usleep(100_000);
        }
        $this->must([] === $instance->processes(), 'After kill -9 of the starter there is left: '.json_encode($instance->processes()));
        [$status, $said] = $instance->start();
        $this->must(-1 === $status, 'It does not start again after kill -9: '.$said);
        [$status] = (new Client($instance->port))->patiently('GET', '/api/rigs', until: microtime(true) + 10);
        $this->must(200 === $status, 'It does not answer after kill -9 of the starter.');
    }

    private function refusedStarts(Instance $instance): void
    {
        $second = new Instance($this->checkout, $instance->data, $this->port + 7, 54390);
        $this->refused('a second start', $second, 'is running in this folder already');
        $other = $this->instance('other', 9);
        mkdir($other->data, 0500);
        $this->hand($other->data);
        $this->refused('a folder that is read-only', $other, 'read-only');
        chmod($other->data, 0700);
        file_put_contents($other->data.'/letter.txt', 'mine');
        $this->refused('a folder that holds something else', $other, 'not Rigger\'s');
        $this->must('mine' === file_get_contents($other->data.'/letter.txt'), 'What was in the folder is gone.');
        $taken = new Instance($this->checkout, $this->folder.'/taken', $instance->port, 54395);
        $this->refused('a port that is taken', $taken, 'is taken');
        $broken = $this->folder.'/broken';
        exec('cp -a '.escapeshellarg($this->folder.'/halted').' '.escapeshellarg($broken).' && : > '.escapeshellarg($broken.'/pg/PG_VERSION'));
        $this->refused('a database that looks damaged', new Instance($this->checkout, $broken, $this->port + 8, 54396), 'looks damaged');
        $this->must(is_file($broken.'/pg/global/pg_control'), 'The damaged database was touched.');
        $this->movedAside($broken);
    }

    /** --fresh takes nothing away: what was there stands beside it, whole, and can be started again. */
    private function movedAside(string $data): void
    {
        exec('cp -a '.escapeshellarg($this->folder.'/halted/pg/PG_VERSION').' '.escapeshellarg($data.'/pg/PG_VERSION'));
        $before = exec('cd '.escapeshellarg($data.'/pg').' && find . -type f | sort | xargs sha1sum | sha1sum');
        $fresh = new Instance($this->checkout, $data, $this->port + 8, 54396, ['--fresh', '--no-demo']);
        [$status, $said] = $fresh->start();
        $this->must(
            -1 === $status && 1 === preg_match('/The data until now stand in (\S+)/', $said, $found),
            '--fresh does not start, or does not say where the data are: '.$said,
        );
        [, $rigs] = (new Client($fresh->port))->patiently('GET', '/api/rigs', until: microtime(true) + 10);
        $this->must(0 === ($rigs['total'] ?? null), '--fresh begins with rigs.');
        $fresh->stop();
        $this->must(
            $before === exec('cd '.escapeshellarg(($found[1] ?? '/nonexistent').'/pg').' && find . -type f | sort | xargs sha1sum | sha1sum'),
            'What was moved aside is not what it was.',
        );
    }

    private function refused(string $what, Instance $instance, string $words): void
    {
        [$status, $said] = $instance->start(true);
        $this->must($status > 0 && str_contains($said, $words), sprintf('%s ends with status %d and says: %s', $what, $status, $said));
    }

    private function fullDisk(): void
    {
        if (null === $this->disk) {
            echo "| a full disk | – | – | – | – | – | not tried: that needs root |\n";

            return;
        }
        $one = new Instance($this->checkout, $this->disk.'/data', $this->port + 4, 54399);
        [$status, $said] = $one->start();
        $this->must(-1 === $status, 'It does not start on a small disk: '.$said);
        if (-1 !== $status) {
            return;
        }
        $client = new Client($one->port);
        $rigs = $this->rigs($one->port);
        $writers = new Writers($one->port, $rigs, $this->folder.'/full');
        $writers->begin(4);
        usleep(1_500_000);
        exec('dd if=/dev/zero of='.escapeshellarg($this->disk.'/filler').' bs=64k 2>/dev/null');
        $refusals = [];
        for ($turn = 0; $turn < 60 && !isset($refusals[507]); ++$turn) {
            [$status, $answer] = $client->once(
                'POST',
                '/api/import',
                json_decode((string) file_get_contents($this->checkout.'/demo/rigs/the-tidekeeper.json'), true),
                Client::key(),
            );
            $refusals[$status] = $answer;
            usleep(100_000);
        }
        $told = $client->patiently('GET', '/api/disk', until: microtime(true) + 5);
        unlink($this->disk.'/filler');
        $from = microtime(true);
        [$status] = $client->patiently('GET', '/api/rigs', until: microtime(true) + 60);
        $gap = microtime(true) - $from;
        sleep(2);
        $writers->end();
        $this->must(200 === $status, 'It does not come back once there is room.');
        $this->must(
            [] !== array_intersect(array_keys($refusals), [503, 507]) && !isset($refusals[500]),
            'On a full disk a write was answered with '.json_encode($refusals),
        );
        $this->must(null !== ($told[1]['warning'] ?? null), 'The full disk was not told: '.json_encode($told));
        $this->row('a full disk, then room again', 1, $writers->acknowledged(), $rigs, $one->port, $gap);
        $one->stop();
        // A first start on a disk that is full says so, and the next one, with room again, finds nothing in its way.
        $new = new Instance($this->checkout, $this->disk.'/new', $this->port + 5, 54398);
        exec('dd if=/dev/zero of='.escapeshellarg($this->disk.'/filler').' bs=64k 2>/dev/null');
        $this->refused('a first start on a full disk', $new, 'disk');
        unlink($this->disk.'/filler');
        [$status, $said] = $new->start();
        $this->must(-1 === $status, 'It does not start once there is room: '.$said);
        $new->stop();
    }

    private function instance(string $name, int $offset = 0): Instance
    {
        return new Instance($this->checkout, $this->folder.'/'.$name, $this->port + $offset, 54360 + $offset);
    }

    /** What this trial makes belongs to whom bin/start runs as. */
    private function hand(string $path): void
    {
        $owner = fileowner($this->folder);
        if (0 === posix_getuid() && false !== $owner) {
            chown($path, $owner);
        }
    }

    /** @return list<string> three fresh rigs */
    private function rigs(int $port): array
    {
        $client = new Client($port);
        $document = json_decode((string) file_get_contents($this->checkout.'/demo/rigs/the-tidekeeper.json'), true);
        $ids = [];
        for ($number = 0; $number < 3; ++$number) {
            [$status, $made] = $client->patiently('POST', '/api/import', $document, Client::key(), microtime(true) + 30);
            $ids[] = 200 === $status ? $made['id'] : throw new RuntimeException('No rig was made: '.json_encode($made));
        }

        return $ids;
    }

    /**
     * @param list<array{rig: string, what: string, token: string, version: int}> $acknowledged
     * @param list<string>                                                        $rigs
     */
    private function row(string $name, int $faults, array $acknowledged, array $rigs, int $port, ?float $gap, bool $isWhole = true): void
    {
        $verdict = Verdict::of(new Client($port), $acknowledged, $rigs, $isWhole);
        printf(
            "| %s | %s | %d | %d | %d | %d | %s |\n",
            $name,
            0 === $faults ? '–' : (string) $faults,
            count($acknowledged),
            $verdict->kept,
            $verdict->doubled,
            $verdict->lost,
            null === $gap ? '–' : sprintf('%.1f s', $gap),
        );
        $this->must(count($acknowledged) > 5, $name.': hardly anything was acknowledged.');
        $this->must(0 === $verdict->lost, $name.': lost '.$verdict->lost);
        $this->must(0 === $verdict->doubled, $name.': doubled '.$verdict->doubled);
        $this->must([] === $verdict->wrong, implode(' ', $verdict->wrong));
    }

    private function must(bool $holds, string $else): void
    {
        if ($holds) {
            ++$this->passed;
        } else {
            ++$this->failed;
            fwrite(STDERR, 'FAILED: '.$else."\n");
        }
    }
}
