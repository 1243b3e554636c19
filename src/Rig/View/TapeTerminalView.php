<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Rig\Power\Terminal;

/** A terminal of the driver and what of the tape hangs on it. */
final readonly class TapeTerminalView
{
    /** @param string $sign + for the common plus, - for a side that is dimmed */
    public function __construct(public string $driver, public string $tape, public string $sign, public float $amps)
    {
    }

    public static function of(Terminal $terminal): self
    {
        return new self($terminal->driver, $terminal->tape, $terminal->sign, round($terminal->amps, 2));
    }
}
