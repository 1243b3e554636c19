<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Support;

use Evenement\EventEmitter;
use React\Socket\ConnectionInterface;
use React\Stream\WritableStreamInterface;

/** A connection of the web server whose other end is a test. */
final class FakeSocket extends EventEmitter implements ConnectionInterface
{
    public string $written = '';
    /** Nobody reads at the other end. */
    public bool $isFull = false;
    public bool $isClosed = false;

    /** What has been written since this was asked last. */
    public function take(): string
    {
        $written = $this->written;
        $this->written = '';

        return $written;
    }

    /** @return list<array<string, mixed>> what was said of seats since this was asked last */
    public function said(): array
    {
        preg_match_all('/^data: (\{.*\})$/m', $this->take(), $found);

        return array_map(static fn (string $json): array => (array) json_decode($json, true, 64, \JSON_THROW_ON_ERROR), $found[1]);
    }

    public function write($data): bool
    {
        $this->written .= $data;

        return !$this->isFull;
    }

    public function read(): void
    {
        $this->isFull = false;
        $this->emit('drain');
    }

    public function end($data = null): void
    {
        $this->close();
    }

    public function close(): void
    {
        if (!$this->isClosed) {
            $this->isClosed = true;
            $this->emit('close');
        }
    }

    public function isReadable(): bool
    {
        return !$this->isClosed;
    }

    public function isWritable(): bool
    {
        return !$this->isClosed;
    }

    public function pause(): void
    {
    }

    public function resume(): void
    {
    }

    /** @param array<mixed> $options */
    public function pipe(WritableStreamInterface $dest, array $options = []): WritableStreamInterface
    {
        return $dest;
    }

    public function getRemoteAddress(): ?string
    {
        return null;
    }

    public function getLocalAddress(): ?string
    {
        return null;
    }
}
