<?php

declare(strict_types=1);

namespace Rigger\App\Playback;

use React\EventLoop\LoopInterface;
use React\Socket\ConnectionInterface;
use React\Socket\UnixConnector;
use Rigger\Core\Input\Json;
use Rigger\Core\Playback\Frame;

/** Hands what a desk sends to its stand-in, which repeats it to whoever follows. Nothing leaves this machine. */
final class StandInOutput implements Output
{
    private const RETRY_SECONDS = 0.5;

    private ?ConnectionInterface $connection = null;
    private bool $isConnecting = false;
    /** @var array<string, string> the newest line that could not go yet, by rig */
    private array $waiting = [];

    public function __construct(private readonly string $socket, private readonly LoopInterface $loop)
    {
    }

    public function of(string $rigId, int $universe): \Closure
    {
        return function (Frame $frame) use ($rigId, $universe): void {
            $this->send($rigId, Json::encode(['rig' => $rigId, 'slots' => (object) $frame->slots($universe)])."\n");
        };
    }

    private function send(string $rigId, string $line): void
    {
        if (null !== $this->connection) {
            $this->connection->write($line);

            return;
        }
        $this->waiting[$rigId] = $line;
        $this->connect();
    }

    private function connect(): void
    {
        if ($this->isConnecting) {
            return;
        }
        $this->isConnecting = true;
        (new UnixConnector($this->loop))->connect('unix://'.$this->socket)->then(
            function (ConnectionInterface $connection): void {
                $this->isConnecting = false;
                $this->connection = $connection;
                $connection->on('close', function (): void {
                    $this->connection = null;
                });
                foreach ($this->waiting as $line) {
                    $connection->write($line);
                }
                $this->waiting = [];
            },
            function (): void {
                $this->loop->addTimer(self::RETRY_SECONDS, function (): void {
                    $this->isConnecting = false;
                    if ([] !== $this->waiting) {
                        $this->connect();
                    }
                });
            },
        );
    }
}
