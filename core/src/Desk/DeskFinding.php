<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Severity;

/** One thing that the desk's map says about a unit. */
final readonly class DeskFinding
{
    /**
     * @param list<int>                                             $channels of the unit, counted from 1
     * @param array<string, int|string|list<int>|list<string>|null> $figures  what DeskWords needs beside the channels, by the code's own
     *                                                                        names
     */
    public function __construct(
        public string $code,
        public Severity $severity,
        public string $unit,
        public array $channels,
        public array $figures = [],
    ) {
    }

    /**
     * As `desk.map` gives it.
     *
     * @param string $called what stands under a number at the desk, in the middle of a sentence: button or zone
     *
     * @return array{code: string, severity: string, fixture: string, channels: list<int>, message: string}
     */
    public function toArray(string $called = 'button'): array
    {
        return [
            'code' => $this->code,
            'severity' => $this->severity->value,
            'fixture' => $this->unit,
            'channels' => $this->channels,
            'message' => DeskWords::sentence($this, static fn (string $id): string => $id, $called),
        ];
    }
}
