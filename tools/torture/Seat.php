<?php

declare(strict_types=1);

/** A window at a seat, as a browser is one: it listens, keeps where everything stands, and sits down again when it was thrown off. */
final class Seat
{
    /** @var resource|null */
    private $socket;
    private string $buffer = '';
    /** @var array<string, mixed>|null where everything stands, as it was told last */
    private ?array $standing = null;
    private readonly string $seat;
    private readonly string $stream;
    private readonly string $sitting;
    private int $number = 0;
    private bool $isSeated = false;
    private int $moments = 0;
    private float $retryAt = 0.0;

    public function __construct(private readonly int $port, private readonly string $rig, private readonly bool $reads = true)
    {
        [$this->seat, $this->stream, $this->sitting] = [Client::key(), Client::key(), Client::key()];
    }

    /** Hears what has come in; opens the stream and takes the seat as far as they are not. */
    public function listen(Client $client): void
    {
        if (null === $this->socket) {
            if (microtime(true) < $this->retryAt) {
                return;
            }
            $this->open();
        }
        if (null === $this->socket || !$this->reads && $this->isSeated) {
            return;
        }
        $data = @fread($this->socket, 262144);
        if (false === $data || ('' === $data && feof($this->socket))) {
            $this->lose();

            return;
        }
        $this->buffer .= $data;
        if (str_contains($this->buffer, 'HTTP/1.1 5')) {
            $this->lose();

            return;
        }
        if (!$this->isSeated && str_contains($this->buffer, 'event: beat')) {
            $before = null === $this->standing ? [] : ['standing' => [
                'slots' => (object) $this->standing['slots'],
                'secondRow' => (object) $this->standing['secondRow'],
            ] + $this->standing];
            [$status] = $client->once('POST', $this->path(), ['stream' => $this->stream, 'window' => $this->sitting] + $before);
            204 === $status ? $this->isSeated = true : $this->lose();
        }
        while (false !== $end = strpos($this->buffer, "\n\n")) {
            $event = substr($this->buffer, 0, $end);
            $this->buffer = substr($this->buffer, $end + 2);
            if (1 === preg_match('/^data: (\{.*\})$/m', $event, $found)) {
                $this->hear((array) json_decode($found[1], true));
            }
        }
    }

    /** @return bool whether it was taken */
    public function move(Client $client, int $address, int $value): bool
    {
        if (!$this->isSeated) {
            return false;
        }
        [$status] = $client->once('POST', $this->path().'/commands', [
            'window' => $this->sitting,
            'number' => ++$this->number,
            'commands' => [['do' => 'move-faders', 'slots' => (object) [(string) $address => $value]]],
        ]);

        return 204 === $status;
    }

    public function value(int $address): int
    {
        return (int) ($this->standing['slots'][$address] ?? 0);
    }

    /** Something was heard since it sat down. */
    public function isThere(): bool
    {
        return $this->isSeated && $this->moments > 0;
    }

    public function end(): void
    {
        null === $this->socket || fclose($this->socket);
        $this->socket = null;
    }

    private function open(): void
    {
        $socket = @stream_socket_client('tcp://127.0.0.1:'.$this->port, $code, $message, 2.0);
        if (false === $socket) {
            $this->lose();

            return;
        }
        stream_set_blocking($socket, false);
        fwrite($socket, "GET /play/streams/{$this->stream} HTTP/1.0\r\nHost: 127.0.0.1:{$this->port}\r\n\r\n");
        $this->socket = $socket;
    }

    private function lose(): void
    {
        $this->end();
        [$this->buffer, $this->isSeated, $this->moments, $this->number] = ['', false, 0, 0];
        $this->retryAt = microtime(true) + 0.2;
    }

    /** @param array<string, mixed> $said */
    private function hear(array $said): void
    {
        if (!isset($said['n'])) {
            return;
        }
        ++$this->moments;
        $before = isset($said['whole']) ? [] : $this->standing ?? [];
        $now = (array) ($said['standing'] ?? []);
        foreach (['slots', 'secondRow'] as $row) {
            $now[$row] = array_filter(
                (array) ($now[$row] ?? []) + (array) ($before[$row] ?? []),
                static fn (int $value): bool => $value > 0,
            );
        }
        $this->standing = $now + $before;
    }

    private function path(): string
    {
        return "/play/seats/{$this->rig}/{$this->seat}";
    }
}
