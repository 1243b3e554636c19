<?php

declare(strict_types=1);

namespace Rigger\App\Playback;

use React\Socket\ConnectionInterface;

/** What one browser hears of all its windows' seats. One that does not read is sent nothing more, and no frame waits for it. */
final class Stream
{
    private bool $isFull = false;
    private bool $isClosed = false;
    /** @var list<\Closure(): void> */
    private array $whenRead = [];
    /** @var list<\Closure(): void> */
    private array $whenClosed = [];

    public function __construct(public readonly string $id, private readonly ConnectionInterface $socket)
    {
        $socket->on('drain', function (): void {
            $this->isFull = false;
            foreach ($this->whenRead as $done) {
                $done();
            }
        });
        $socket->on('close', function (): void {
            $this->isClosed = true;
            foreach ($this->whenClosed as $done) {
                $done();
            }
        });
    }

    /** @return bool whether it went out; what did not is dropped */
    public function send(string $json): bool
    {
        return $this->write('data: '.$json."\n\n");
    }

    /** Says that it is still there, to whoever counts the seconds. */
    public function beat(): void
    {
        $this->write("event: beat\ndata: 0\n\n");
    }

    private function write(string $event): bool
    {
        if ($this->isFull || $this->isClosed) {
            return false;
        }
        $this->isFull = !$this->socket->write($event);

        return true;
    }

    /** @param \Closure(): void $done called each time when there is room again for what was dropped */
    public function onRead(\Closure $done): void
    {
        $this->whenRead[] = $done;
    }

    /** @param \Closure(): void $done */
    public function onClose(\Closure $done): void
    {
        $this->whenClosed[] = $done;
    }

    public function end(): void
    {
        $this->socket->end();
    }
}
