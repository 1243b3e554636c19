<?php

declare(strict_types=1);

namespace Rigger\Core\Playback\Command;

use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\Shape\Slots;
use Rigger\Core\Playback\Command;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\State;

/** Faders go to values; those that are not named stay. */
final readonly class MoveFaders implements Command
{
    /**
     * @param array<int, int> $slots value by address
     * @param string          $row   of a desk with two rows, the one that is meant
     */
    public function __construct(
        #[Slots] public array $slots,
        #[OneOf(['first', 'second'], 'A desk has a first and a second row.')] public string $row = 'first',
    ) {
    }

    public function applyTo(State $state, CompiledRig $rig): State
    {
        return $state->moved('first' === $this->row
            ? $state->desk->with(slots: $this->slots + $state->desk->slots)
            : $state->desk->with(secondRow: $this->slots + $state->desk->secondRow));
    }
}
