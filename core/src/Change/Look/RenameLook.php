<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Look;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Rig;

final readonly class RenameLook implements Change
{
    public function __construct(public string $look, public string $name)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $look = $rig->look($this->look);
        $renamed = $look->renamed(Limits::name($this->name, 'name'));

        return new Applied($rig->withLooks($renamed), \sprintf('Renamed look %s to %s', $look->name, $renamed->name));
    }
}
