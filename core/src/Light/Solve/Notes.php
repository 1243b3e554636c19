<?php

declare(strict_types=1);

namespace Rigger\Core\Light\Solve;

/**
 * Notes as they arise, each once.
 *
 * @internal
 */
final class Notes
{
    /** @var array<string, IntentNote> */
    private array $notes = [];

    public function add(IntentNote $note): void
    {
        $this->notes[$note->value] = $note;
    }

    /** @return list<IntentNote> in the order of the enum */
    public function all(): array
    {
        return array_values(array_filter(IntentNote::cases(), fn (IntentNote $note): bool => isset($this->notes[$note->value])));
    }
}
