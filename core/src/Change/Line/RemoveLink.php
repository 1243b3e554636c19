<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Line;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** A sender goes; the units behind it hang on a cable then. */
final readonly class RemoveLink implements Change
{
    public function __construct(public string $link)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $link = $rig->link($this->link);

        return new Applied($rig->withoutLink($link->id), \sprintf('Removed sender %s', $link->label));
    }
}
