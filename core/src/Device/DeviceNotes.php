<?php

declare(strict_types=1);

namespace Rigger\Core\Device;

/** What of a description a chart does not hold, each said once. */
final class DeviceNotes
{
    private const MOST = 60;
    /** @var array<string, true> */
    private array $notes = [];

    public function add(string $note): void
    {
        if (\count($this->notes) < self::MOST) {
            $this->notes[$note] = true;
        }
    }

    /** @return list<string> */
    public function all(): array
    {
        return array_map(strval(...), array_keys($this->notes));
    }
}
