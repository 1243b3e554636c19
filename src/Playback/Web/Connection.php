<?php

declare(strict_types=1);

namespace Rigger\App\Playback\Web;

use GuzzleHttp\Psr7\Message;
use Psr\Http\Message\RequestInterface;
use React\Socket\ConnectionInterface;

/** One connection of the web server: requests come one behind the other, each is answered before the next is read. */
final class Connection
{
    /** The web server lets no longer body through. */
    private const MOST_BYTES = 1_100_000;
    private const REASONS = [
        200 => 'OK', 204 => 'No Content', 400 => 'Bad Request', 403 => 'Forbidden', 404 => 'Not Found', 405 => 'Method Not Allowed',
        409 => 'Conflict', 413 => 'Content Too Large', 422 => 'Unprocessable Content', 500 => 'Internal Server Error',
        503 => 'Service Unavailable', 507 => 'Insufficient Storage',
    ];

    private string $buffer = '';
    /** A stream has begun: nothing that comes in is a request any more. */
    private bool $isTaken = false;

    /** @param \Closure(RequestInterface, self): ?Answer $answer null when it has taken the connection for a stream */
    public function __construct(private readonly ConnectionInterface $socket, private readonly \Closure $answer)
    {
        $socket->on('data', $this->read(...));
    }

    private function read(string $data): void
    {
        if ($this->isTaken) {
            return;
        }
        $this->buffer .= $data;
        while (null !== $request = $this->next()) {
            $answer = ($this->answer)($request, $this);
            if (null === $answer) {
                return;
            }
            $this->send($answer);
        }
        if (\strlen($this->buffer) > self::MOST_BYTES) {
            $this->socket->close();
        }
    }

    /** The first request that is there whole. */
    private function next(): ?RequestInterface
    {
        $end = strpos($this->buffer, "\r\n\r\n");
        if (false === $end) {
            return null;
        }
        $length = 1 === preg_match('~^content-length:\s*(\d{1,9})\s*$~im', substr($this->buffer, 0, $end), $found) ? (int) $found[1] : 0;
        if (\strlen($this->buffer) < $end + 4 + $length) {
            return null;
        }
        $message = substr($this->buffer, 0, $end + 4 + $length);
        $this->buffer = substr($this->buffer, $end + 4 + $length);
        try {
            return Message::parseRequest($message);
        } catch (\InvalidArgumentException) {
            $this->socket->close();

            return null;
        }
    }

    private function send(Answer $answer): void
    {
        $type = $answer->status >= 400 ? 'application/problem+json' : 'application/json';
        $this->socket->write(\sprintf(
            "HTTP/1.1 %d %s\r\nContent-Type: %s\r\nCache-Control: no-store\r\nContent-Length: %d\r\n%s\r\n%s",
            $answer->status,
            self::REASONS[$answer->status] ?? 'Refused',
            $type,
            \strlen($answer->body),
            503 === $answer->status ? "Retry-After: 1\r\n" : '',
            $answer->body,
        ));
    }

    /** Begins Server-Sent Events on this connection, which ends with them. */
    public function stream(): ConnectionInterface
    {
        $this->isTaken = true;
        $this->socket->write("HTTP/1.1 200 OK\r\nContent-Type: text/event-stream\r\nCache-Control: no-store\r\n"
            ."Connection: close\r\n\r\nretry: 300\n\n");

        return $this->socket;
    }
}
