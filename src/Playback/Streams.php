<?php

declare(strict_types=1);

namespace Rigger\App\Playback;

use React\EventLoop\LoopInterface;
use React\Socket\ConnectionInterface;
use Rigger\App\Problem\Problem;

/** The streams that browsers have open, one each. */
final class Streams
{
    /** So often each hears that this process is still there. */
    private const BEAT_SECONDS = 2.0;
    private const MOST = 300;

    /** @var array<string, Stream> by id, oldest first */
    private array $streams = [];

    public function __construct(LoopInterface $loop)
    {
        $loop->addPeriodicTimer(self::BEAT_SECONDS, function (): void {
            foreach ($this->streams as $stream) {
                $stream->beat();
            }
        });
    }

    public function open(string $id, ConnectionInterface $socket): void
    {
        ($this->streams[$id] ?? null)?->end();
        unset($this->streams[$id]);
        while (\count($this->streams) >= self::MOST) {
            array_shift($this->streams)->end();
        }
        $stream = new Stream($id, $socket);
        $this->streams[$id] = $stream;
        $stream->listen('streams', static fn () => null, function () use ($id, $stream): void {
            if (($this->streams[$id] ?? null) === $stream) {
                unset($this->streams[$id]);
            }
        });
        $stream->beat();
    }

    /** @throws Problem no_stream */
    public function get(string $id): Stream
    {
        return $this->streams[$id]
            ?? throw new Problem(409, 'no_stream', 'Nobody listens', 'This stream is not open: open it first.');
    }
}
