<?php

declare(strict_types=1);

namespace Rigger\App\Command;

use React\EventLoop\LoopInterface;
use React\Socket\ConnectionInterface;
use React\Socket\UnixServer;

/** A process that listens on a socket of its own until it is told to stop. */
final class OnSocket
{
    /** @param \Closure(ConnectionInterface): void $connected */
    public static function run(string $file, LoopInterface $loop, \Closure $connected): void
    {
        // Left by one that was killed.
        if (file_exists($file)) {
            unlink($file);
        }
        $server = new UnixServer($file, $loop);
        chmod($file, 0600);
        $server->on('connection', $connected);
        $stop = static function () use ($loop, $server, $file): void {
            $server->close();
            @unlink($file);
            $loop->stop();
        };
        $loop->addSignal(\SIGTERM, $stop);
        $loop->addSignal(\SIGINT, $stop);
        $loop->run();
    }
}
