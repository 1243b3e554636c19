<?php

declare(strict_types=1);

/** Eight writers, each a process of its own, that change three rigs and undo, and write down what was acknowledged. */
final class Writers
{
    /** @var list<int> */
    private array $children = [];

    /** @param list<string> $rigs */
    public function __construct(private readonly int $port, private readonly array $rigs, private readonly string $ledger)
    {
    }

    public function begin(int $count = 8): void
    {
        for ($number = 0; $number < $count; ++$number) {
            $child = pcntl_fork();
            if (0 === $child) {
                $this->write($number);
                posix_kill(posix_getpid(), SIGKILL); // No clean-up of what belongs to the parent.
            }
            $this->children[] = $child;
        }
    }

    /** Each finishes what it has under way: everything that was begun is acknowledged. */
    public function end(): void
    {
        touch($this->ledger.'.enough');
        foreach ($this->children as $child) {
            pcntl_waitpid($child, $status);
        }
        $this->children = [];
        unlink($this->ledger.'.enough');
    }

    /** @return list<array{rig: string, what: string, token: string, version: int}> */
    public function acknowledged(): array
    {
        $all = [];
        foreach (glob($this->ledger.'.*.log') ?: [] as $file) {
            foreach (file($file, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
                $all[] = json_decode($line, true, 8, JSON_THROW_ON_ERROR);
            }
        }

        return $all;
    }

    private function write(int $number): void
    {
        $client = new Client($this->port);
        $ledger = fopen($this->ledger.'.'.$number.'.log', 'a');
        for ($turn = 0; !file_exists($this->ledger.'.enough'); ++$turn) {
            clearstatcache();
            $rig = $this->rigs[random_int(0, count($this->rigs) - 1)];
            [, $now] = $client->patiently('GET', '/api/rigs/'.$rig.'/version');
            $token = sprintf('w%d-%d-%s', $number, $turn, bin2hex(random_bytes(3)));
            $isUndo = 0 === $turn % 5 && $turn > 0;
            [$status, $answer] = $client->patiently('POST', '/api/rigs/'.$rig.'/changes', [
                'base' => $now['version'] ?? 0,
                'changes' => [$isUndo ? ['do' => 'undo'] : ['do' => 'rename-rig', 'name' => $token]],
            ], Client::key());
            // Somebody else was quicker: nothing was changed, and nothing was promised.
            if (200 === $status) {
                fwrite(
                    $ledger,
                    json_encode([
                        'rig' => $rig,
                        'what' => $isUndo ? 'undo' : 'edit',
                        'token' => $token,
                        'version' => $answer['version'],
                    ])."\n",
                );
                fflush($ledger);
            } elseif (!in_array($status, [409, 507], true)) {
                fwrite(STDERR, "A writer was answered with $status: ".json_encode($answer)."\n");
            }
        }
    }
}
