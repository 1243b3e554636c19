<?php

declare(strict_types=1);

namespace Rigger\Core\Playback;

use Rigger\Core\Input\InputError;

/** Several commands at once, as a request brings them. */
final class Commands
{
    /**
     * All of them in their order, or none.
     *
     * @param list<Command> $commands
     *
     * @throws InputError of the first that cannot be done, at its place ("commands[2].look")
     */
    public static function apply(array $commands, State $state, CompiledRig $rig): State
    {
        foreach ($commands as $index => $command) {
            try {
                $state = $command->applyTo($state, $rig);
            } catch (InputError $refused) {
                throw $refused->in(\sprintf('commands[%d].', $index));
            }
        }

        return $state;
    }
}
