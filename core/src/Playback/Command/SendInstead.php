<?php

declare(strict_types=1);

namespace Rigger\Core\Playback\Command;

use Rigger\Core\Change\Shape\Slots;
use Rigger\Core\Playback\Command;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\State;

/** Values are sent in the place of the faders, as somebody else's desk sends them; null gives the faders back. */
final readonly class SendInstead implements Command
{
    /** @param array<int, int>|null $slots value by address */
    public function __construct(#[Slots] public ?array $slots)
    {
    }

    public function applyTo(State $state, CompiledRig $rig): State
    {
        return $state->sending($this->slots);
    }
}
