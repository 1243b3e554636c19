<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Desk;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Rig;

final readonly class RenameRig implements Change
{
    public function __construct(public string $name)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $renamed = $rig->renamed(Limits::name($this->name, 'name'));

        return new Applied($renamed, \sprintf('Renamed the rig to %s', $renamed->name));
    }
}
