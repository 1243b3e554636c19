<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Line;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Refused;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/**
 * The receiver of a unit was made to listen to its sender, and that was proved: for all that share it. Where pairing gives the address
 * too, they are ticked as set.
 */
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
        $shared = null === $unit->receiverId ? null : $rig->receiver($unit->receiverId);
        if (null === $shared) {
            $paired = $unit->receiver === $link->name ? $unit : $unit->listeningTo($link->id, $link->name);
            $rig = $rig->withUnits($paired->paired($world->now()));
        } else {
            $rig = $rig->withReceiver($shared->paired($link->name, $world->now()));
        }
        foreach (null === $shared ? [$rig->unit($unit->id)] : $rig->behind($shared->id) as $one) {
            $rig = $link->kit->kit->isAssignedTo($one->footprint()) ? $rig->withUnits($one->markedSet($world->now())) : $rig;
        }

        return new Applied($rig, \sprintf('Paired %s with %s on %s', $shared->label ?? $unit->name, $link->label, $link->name));
    }
}
