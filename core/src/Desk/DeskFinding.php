<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Severity;

/** One thing that the desk's map says about a fixture. */
final readonly class DeskFinding
{
    /** @param list<int> $channels of the fixture, counted from 1 */
    public function __construct(
        public string $code,
        public Severity $severity,
        public string $fixture,
        public array $channels,
        public string $message,
    ) {
    }

    /** @return array{code: string, severity: string, fixture: string, channels: list<int>, message: string} */
    public function toArray(): array
    {
        return ['code' => $this->code, 'severity' => $this->severity->value, 'fixture' => $this->fixture, 'channels' => $this->channels, 'message' => $this->message];
    }
}
