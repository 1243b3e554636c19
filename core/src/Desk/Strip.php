<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** A fader and every unit's channel that it moves. */
final readonly class Strip
{
    /** @param list<array{id: string, channel: int, label: string}> $units in the given order */
    public function __construct(public Fader $fader, public array $units)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['button' => $this->fader->button, 'page' => $this->fader->page, 'fader' => $this->fader->number,
            'address' => $this->fader->address, 'fixtures' => $this->units];
    }
}
