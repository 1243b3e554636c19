<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Line;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Refused;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** A unit's receiver was made to listen to its sender, and that was proved; where pairing gives its address too, it is ticked as set. */
final readonly class PairUnit implements Change
{
    public function __construct(public string $unit)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit);
        $link = null === $unit->linkId ? null : $rig->links[$unit->linkId] ?? null;
        if (null === $link) {
            throw Refused::because('no_link', \sprintf('%s hangs on a cable: there is nothing to pair.', $unit->name));
        }
        $paired = $unit->receiver === $link->name ? $unit : $unit->listeningTo($link->id, $link->name);
        $paired = null === $link->kit->kit->assign ? $paired : $paired->markedSet($world->now());

        return new Applied($rig->withUnits($paired), \sprintf('Paired %s with %s on %s', $unit->name, $link->label, $link->name));
    }
}
