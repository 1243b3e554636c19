<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Line;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** The name that a sender is set to. */
final readonly class TuneLink implements Change
{
    public function __construct(public string $link, public string $name)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $link = $rig->link($this->link);
        $tuned = $link->sendingOn(KitName::of($link->kit->kit, $this->name, 'name'));

        return new Applied($rig->withLink($tuned), \sprintf('Set sender %s from %s to %s', $link->label, $link->name, $tuned->name));
    }
}
