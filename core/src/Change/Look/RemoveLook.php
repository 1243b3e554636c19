<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Look;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

final readonly class RemoveLook implements Change
{
    public function __construct(public string $look)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $look = $rig->look($this->look);

        return new Applied($rig->withoutLook($look->id), \sprintf('Deleted look %s', $look->name));
    }
}
