<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Line;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Rig;

/** What the operator calls a sender. */
final readonly class RenameLink implements Change
{
    public function __construct(public string $link, public string $label)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $link = $rig->link($this->link);
        $renamed = $link->relabelled(Limits::name($this->label, 'label'));

        return new Applied($rig->withLink($renamed), \sprintf('Renamed sender %s to %s', $link->label, $renamed->label));
    }
}
