<?php

declare(strict_types=1);

namespace Rigger\App\Playback;

use React\Socket\ConnectionInterface;

/** What one browser hears of all its windows' seats. One that does not read is sent nothing more, and no frame waits for it. */
final class Stream
{
    private bool $isFull = false;
    private bool $isClosed = false;
    /** @var array<string, array{\Closure(): void, \Closure(): void}> what to do when it reads again, and when it is closed */
    private array $listeners = [];

    public function __construct(public readonly string $id, private readonly ConnectionInterface $socket)
    {
        $socket->on('drain', function (): void {
            $this->isFull = false;
            foreach ($this->listeners as [$onRead]) {
                $onRead();
            }
        });
        $socket->on('close', function (): void {
            $this->isClosed = true;
            foreach ($this->listeners as [, $onClose]) {
                $onClose();
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

    /**
     * @param string           $who     of several times the same, the last counts
     * @param \Closure(): void $onRead  each time when there is room again for what was dropped
     * @param \Closure(): void $onClose
     */
    public function listen(string $who, \Closure $onRead, \Closure $onClose): void
    {
        $this->listeners[$who] = [$onRead, $onClose];
    }

    public function forget(string $who): void
    {
        unset($this->listeners[$who]);
    }

    public function end(): void
    {
        $this->socket->end();
    }
}
