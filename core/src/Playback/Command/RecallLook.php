<?php

declare(strict_types=1);

namespace Rigger\Core\Playback\Command;

use Rigger\Core\Input\InputError;
use Rigger\Core\Playback\Command;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\State;

/** A look comes on the faders: those that it names go where it says, all others stay. */
final readonly class RecallLook implements Command
{
    public function __construct(public string $look)
    {
    }

    public function applyTo(State $state, CompiledRig $rig): State
    {
        $values = $rig->looks[$this->look]
            ?? throw InputError::because('unknown_look', 'look', 'This look is not in the rig any more.');

        return $state->showing($this->look, $state->desk->with(slots: $values + $state->desk->slots));
    }
}
