<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

use Rigger\Core\Learn\Note;

/** What was seen of one channel by moving its fader. */
final readonly class Observation
{
    /** @param list<Note> $notes in the order they were made */
    public function __construct(public ChannelPlace $place, public array $notes)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            ...$this->place->toArray(),
            'notes' => array_map(static fn (Note $note): array => ['value' => $note->value, 'what' => $note->what], $this->notes),
        ];
    }
}
