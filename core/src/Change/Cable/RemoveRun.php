<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Cable;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** A run goes; what hung on it hangs on none then, and what its splitter fed is plugged in nowhere. */
final readonly class RemoveRun implements Change
{
    public function __construct(public string $run)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $run = $rig->run($this->run);

        return new Applied($rig->withoutRun($run->id), 'Removed '.$run->name);
    }
}
