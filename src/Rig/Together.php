<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Problem\Problem;

/** Several changes that one request names: all of them are made or none, as one entry of the journal. */
final class Together
{
    /**
     * @param string                            $choice   what could have been named, for a request that names nothing
     * @param (callable(Snapshot): string)|null ...$steps null for what the request does not name
     *
     * @return string what was done, in words
     *
     * @throws Problem missing; whatever a step throws
     */
    public static function make(Snapshot $snapshot, string $choice, ?callable ...$steps): string
    {
        $steps = array_filter($steps);
        if ([] === $steps) {
            throw Problem::at('', 'missing', 'Say what to change'.$choice.'.');
        }

        return implode('; ', array_map(static fn (callable $step): string => $step($snapshot), $steps));
    }
}
