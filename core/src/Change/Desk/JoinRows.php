<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Desk;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Refused;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** Joins the two rows of a preset desk into one, or sets them apart again. */
final readonly class JoinRows implements Change
{
    public function __construct(public bool $isWide)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $desk = $rig->desk() ?? throw Refused::because('no_desk', 'The rig has no desk any more.');

        return new Applied(
            $rig->playedOn($world->variant($desk->withWide($this->isWide))),
            $this->isWide ? \sprintf('Joined the rows of %s into one', $desk->name) : \sprintf('Set %s to two presets', $desk->name),
        );
    }
}
