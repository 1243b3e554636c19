<?php

declare(strict_types=1);

namespace Rigger\App\Simulate;

use React\EventLoop\LoopInterface;
use React\Socket\ConnectionInterface;
use Rigger\App\Playback\Clock;

/**
 * A stand-in for the real desk: it keeps the values last sent for each rig and streams them to whoever follows, again and again
 * as a desk does. It sends nothing out of this machine.
 *
 * The application writes a line of JSON, {"rig":"…","slots":{"1":255,…}}; a follower asks GET /stream/<rig> and gets
 * Server-Sent Events, {"seq":n,"slots":{…}}.
 */
final class StandIn
{
    /** A desk repeats what it sends; ANSI E1.11 asks for at least once a second. */
    private const REPEAT_SECONDS = 1.0;
    private const MOST_FOLLOWERS = 100;
    /** Windows of one browser, however often they are opened. */
    private const MOST_OF_ONE = 12;
    private const MOST_BYTES = 65536;
    private const MOST_RIGS = 200;

    /** @var array<string, RepeatedFrame> by rig, newest last */
    private array $frames = [];
    /** @var array<int, array{ConnectionInterface, string, string}> connection, rig and who it is, oldest first */
    private array $followers = [];

    public function __construct(private readonly LoopInterface $loop, private readonly Clock $clock)
    {
    }

    public function connected(ConnectionInterface $connection): void
    {
        $buffer = '';
        $connection->on('data', function (string $data) use ($connection, &$buffer): void {
            $buffer .= $data;
            if (\strlen($buffer) > self::MOST_BYTES) {
                $connection->close();

                return;
            }
            if (str_starts_with($buffer, '{')) {
                while (false !== $end = strpos($buffer, "\n")) {
                    $this->take(substr($buffer, 0, $end));
                    $buffer = substr($buffer, $end + 1);
                }
            } elseif (str_contains($buffer, "\r\n\r\n")) {
                $this->follow($connection, $buffer);
                $buffer = '';
            }
        });
        $connection->on('close', function () use ($connection): void {
            unset($this->followers[spl_object_id($connection)]);
        });
    }

    private function take(string $line): void
    {
        $message = json_decode($line, true);
        if (!\is_array($message) || !\is_string($message['rig'] ?? null) || !\is_array($message['slots'] ?? null)) {
            return;
        }
        $rig = $message['rig'];
        $frame = $this->frames[$rig] ?? new RepeatedFrame($this->loop, $this->clock, self::REPEAT_SECONDS, fn () => $this->stream($rig));
        unset($this->frames[$rig]);
        $this->frames[$rig] = $frame;
        if (\count($this->frames) > self::MOST_RIGS) {
            array_shift($this->frames)->end();
        }
        $frame->put((string) json_encode((object) $message['slots']));
    }

    private function follow(ConnectionInterface $connection, string $request): void
    {
        if (1 !== preg_match('~^GET /stream/([0-9a-f-]{36}) HTTP/1\.[01]\r\n~', $request, $asked)) {
            $connection->end("HTTP/1.1 404 Not Found\r\nContent-Length: 0\r\nConnection: close\r\n\r\n");

            return;
        }
        $client = 1 === preg_match('~^x-client: ([^\r\n]{1,200})~im', $request, $named) ? $named[1] : '';
        $this->makePlace($client);
        $connection->write("HTTP/1.1 200 OK\r\nContent-Type: text/event-stream\r\n"
            ."Cache-Control: no-store\r\nConnection: close\r\n\r\nretry: 1000\n\n");
        $this->followers[spl_object_id($connection)] = [$connection, $asked[1], $client];
        if (isset($this->frames[$asked[1]])) {
            $connection->write($this->frames[$asked[1]]->event());
        }
    }

    /**
     * One client cannot take all places: beyond its share its own oldest one goes, and when all are taken, the oldest of whoever has
     * the most. Who is shut out asks again by itself.
     */
    private function makePlace(string $client): void
    {
        $held = [];
        foreach ($this->followers as $id => [, , $who]) {
            $held[$who][] = $id;
        }
        if (\count($held[$client] ?? []) >= self::MOST_OF_ONE) {
            $this->shutOut($held[$client][0]);
        } elseif (\count($this->followers) >= self::MOST_FOLLOWERS) {
            uasort($held, static fn (array $one, array $other): int => \count($other) <=> \count($one));
            $this->shutOut($held[array_key_first($held)][0]);
        }
    }

    private function shutOut(int $id): void
    {
        [$connection] = $this->followers[$id];
        unset($this->followers[$id]);
        $connection->end();
    }

    private function stream(string $rig): void
    {
        $event = $this->frames[$rig]->event();
        foreach ($this->followers as [$connection, $followed]) {
            if ($followed === $rig) {
                $connection->write($event);
            }
        }
    }
}
