<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Line;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** A shared receiver goes; the units behind it hang on a cable then. */
final readonly class RemoveReceiver implements Change
{
    public function __construct(public string $receiver)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $receiver = $rig->receiver($this->receiver);

        return new Applied($rig->withoutReceiver($receiver->id), \sprintf('Removed receiver %s', $receiver->label));
    }
}
