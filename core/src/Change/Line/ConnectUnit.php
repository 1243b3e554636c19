<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Line;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;

/** Puts a unit behind a sender, or back on a cable. */
final readonly class ConnectUnit implements Change
{
    /**
     * @param string|null $link     the sender; null puts the unit on a cable
     * @param string|null $receiver name that the unit's receiver is set to; null when it is not set yet
     * @param bool        $isOwn    through a receiver of its own, also where it shared one of that sender
     */
    public function __construct(
        public string $unit,
        public ?string $link,
        public ?string $receiver = null,
        public bool $isOwn = false,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $unit = $rig->unit($this->unit);
        if (null === $this->link) {
            return new Applied($rig->withUnits($unit->listeningTo(null, null)), \sprintf('Put %s on a cable', $unit->name));
        }
        $link = $rig->link($this->link);
        $receiver = null === $this->receiver ? null : KitName::of($link->kit->kit, $this->receiver, 'receiver');

        $shared = $this->isOwn || null === $unit->receiverId || $unit->linkId !== $link->id ? null : $rig->receiver($unit->receiverId);
        if (null !== $shared) {
            return (new ChangeReceiver($shared->id, setting: $receiver, isNew: null === $receiver))->applyTo($rig, $world);
        }

        return new Applied($rig->withUnits($unit->listeningTo($link->id, $receiver)), $unit->linkId === $link->id
            ? \sprintf('Set the receiver of %s to %s', $unit->name, $receiver ?? 'nothing')
            : \sprintf('Put %s behind sender %s%s', $unit->name, $link->label, null === $receiver ? '' : ', receiver on '.$receiver));
    }
}
