<?php

declare(strict_types=1);

/** The playback process under kills, floods, and windows that do not read. */
final class Playing
{
    private const WINDOWS = 60;
    /** Windows go on by themselves within this. */
    private const GAP = 2.0;
    private const PATIENT_GAP = 20.0;

    private Client $client;
    /** @var list<Seat> */
    private array $seats = [];
    /** @var array<int, array<int, int>> last value that was taken, by seat and address */
    private array $taken = [];
    private float $gap = 0.0;
    /** @var list<string> what went wrong */
    public array $wrong = [];

    /** @param list<string> $rigs */
    public function __construct(private readonly Instance $instance, private readonly array $rigs, private readonly int $kills)
    {
        $this->client = new Client($instance->port);
    }

    /** @return array{moves: int, gap: float} */
    public function run(): array
    {
        for ($nth = 0; $nth < self::WINDOWS; ++$nth) {
            $this->seats[] = new Seat($this->instance->port, $this->rigs[$nth % count($this->rigs)]);
        }
        $this->await('60 windows at once have their seats');
        $moves = $this->underKills();
        $moves += $this->flood();
        $this->deaf();
        foreach ($this->seats as $seat) {
            $seat->end();
        }

        return ['moves' => $moves, 'gap' => $this->gap];
    }

    private function underKills(): int
    {
        $moves = 0;
        for ($kill = 0; $kill < $this->kills; ++$kill) {
            foreach ($this->seats as $nth => $seat) {
                $moves += $this->move($nth, random_int(1, 100), random_int(1, 255)) ? 1 : 0;
                $seat->listen($this->client);
            }
            // What was taken is told within a frame; who dies before that has its windows to tell what they know.
            $this->listen(0.3);
            posix_kill($this->playback(), SIGKILL);
            $from = microtime(true);
            $this->listen(0.1);
            $this->await('all windows go on after a kill');
            $this->gap = max($this->gap, microtime(true) - $from);
            $this->compare('after a kill');
        }
        if ($this->gap > ($this->kills < 10 ? self::PATIENT_GAP : self::GAP)) {
            $this->wrong[] = sprintf('windows went on only after %.1f s', $this->gap);
        }

        return $moves;
    }

    private function flood(): int
    {
        for ($value = 1; $value <= 2000; ++$value) {
            $this->move(0, 7, $value % 256);
        }
        $this->move(0, 7, 201);
        $this->listen(0.5);
        $this->compare('after a flood');

        return 2001;
    }

    /** Windows that never read hold nobody up, and nothing piles up for them. */
    private function deaf(): void
    {
        $pid = $this->playback();
        $deaf = array_map(fn (): Seat => new Seat($this->instance->port, $this->rigs[0], false), range(1, 10));
        for ($turn = 0; $turn < 20; ++$turn) {
            foreach ($deaf as $one) {
                $one->listen($this->client);
            }
            usleep(20_000);
        }
        $before = self::memory($pid);
        $slowest = 0.0;
        for ($turn = 0; $turn < 1500; ++$turn) {
            $deaf[$turn % 10]->move($this->client, 1 + $turn % 100, $turn % 256);
            if (0 === $turn % 100) {
                $from = microtime(true);
                $this->move(1, 3, 1 + $turn % 250);
                $slowest = max($slowest, microtime(true) - $from);
            }
        }
        if (self::memory($pid) - $before > 30_000) {
            $this->wrong[] = sprintf('%d kB piled up for windows that do not read', self::memory($pid) - $before);
        }
        if ($slowest > 1.0) {
            $this->wrong[] = sprintf('a hand waited %.1f s behind windows that do not read', $slowest);
        }
        foreach ($deaf as $one) {
            $one->end();
        }
        $this->listen(0.5);
        $this->compare('beside windows that do not read');
    }

    private function move(int $nth, int $address, int $value): bool
    {
        $isTaken = $this->seats[$nth]->move($this->client, $address, $value);
        if ($isTaken) {
            $this->taken[$nth][$address] = $value;
        }

        return $isTaken;
    }

    private function listen(float $seconds): void
    {
        for ($until = microtime(true) + $seconds; microtime(true) < $until; usleep(5_000)) {
            foreach ($this->seats as $seat) {
                $seat->listen($this->client);
            }
        }
    }

    private function await(string $what): void
    {
        for ($until = microtime(true) + self::PATIENT_GAP; microtime(true) < $until; $this->listen(0.02)) {
            if ([] === array_filter($this->seats, static fn (Seat $seat): bool => !$seat->isThere())) {
                return;
            }
        }
        $this->wrong[] = 'It did not come about that '.$what;
    }

    private function compare(string $when): void
    {
        $other = 0;
        foreach ($this->taken as $nth => $values) {
            foreach ($values as $address => $value) {
                $other += $this->seats[$nth]->value($address) === $value ? 0 : 1;
            }
        }
        if ($other > 0) {
            $this->wrong[] = sprintf('%d faders stand elsewhere %s', $other, $when);
        }
    }

    private function playback(): int
    {
        for ($until = microtime(true) + self::PATIENT_GAP; microtime(true) < $until; usleep(50_000)) {
            $pids = $this->instance->processes()['playback'] ?? [];
            if ([] !== $pids) {
                return $pids[0];
            }
        }
        throw new RuntimeException('There is no playback process.');
    }

    private static function memory(int $pid): int
    {
        return 1 === preg_match('/^VmRSS:\s+(\d+)/m', (string) @file_get_contents("/proc/{$pid}/status"), $found) ? (int) $found[1] : 0;
    }
}
