<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Light\Cause;
use Rigger\Core\Line\RadioLink;
use Rigger\Core\Position\Spot;
use Rigger\Core\Rig\Line\Run;
use Rigger\Core\Rig\Line\Van;

/**
 * Cables and radio of a rig.
 *
 * @internal part of Rig
 */
trait RigLines
{
    /** @throws NotThere */
    public function link(string $id): Link
    {
        return $this->links[$id] ?? throw NotThere::link();
    }

    /** @throws NotThere */
    public function receiver(string $id): Receiver
    {
        return $this->receivers[$id] ?? throw NotThere::receiver();
    }

    /** @throws NotThere */
    public function run(string $id): Run
    {
        return $this->runs[$id] ?? throw NotThere::run();
    }

    /** Why a unit behind radio hears nothing; null when it does, or hangs on a cable. */
    public function silence(Unit $unit): ?Cause
    {
        $link = null === $unit->linkId ? null : $this->links[$unit->linkId] ?? null;

        return null === $link ? null : (new RadioLink($link->label, $link->name, $unit->receiver, $link->kit->kit))->silence();
    }

    /** Why nothing that the desk sends moves a unit: its run state, or radio; null when it listens. */
    public function deafness(Unit $unit): ?Cause
    {
        return RunState::Desk === $unit->runState ? $this->silence($unit) : Cause::notFromDesk($unit->runState->value);
    }

    /** Set otherwise, it has been paired with nobody. */
    public function withLink(Link $link): self
    {
        $rig = $this->another();
        $was = $rig->links[$link->id] ?? $link;
        $rig->links[$link->id] = $link;
        if ($was->name !== $link->name) {
            $rig->receivers = array_map(
                static fn (Receiver $one): Receiver => $one->linkId === $link->id ? $one->listeningTo($link->id, $one->setting) : $one,
                $rig->receivers,
            );
            $rig->units = array_map(
                static fn (Unit $unit): Unit => $unit->linkId === $link->id && null !== $unit->pairedAt ? $unit->paired(null) : $unit,
                $rig->units,
            );
        }

        return $rig;
    }

    /** @return list<Unit> that share a receiver, in the order of the patch list */
    public function behind(string $receiverId): array
    {
        return array_values(array_filter($this->units, static fn (Unit $unit): bool => $unit->receiverId === $receiverId));
    }

    /**
     * Of units behind radio one for each receiver: the first in the patch list of those that share it.
     *
     * @param list<Unit> $units
     *
     * @return ($units is non-empty-list<Unit> ? non-empty-list<Unit> : list<Unit>)
     */
    public function onePerReceiver(array $units): array
    {
        $seen = [];

        return array_values(array_filter($units, static function (Unit $unit) use (&$seen): bool {
            $isFirst = null === $unit->receiverId || !isset($seen[$unit->receiverId]);
            $seen[$unit->receiverId ?? ''] = true;

            return $isFirst;
        }));
    }

    /** Where the receiver of a unit is: at the unit, or at another that shares it. */
    public function spotOfReceiver(Unit $unit): ?Spot
    {
        foreach (null === $unit->receiverId ? [$unit] : [$unit, ...$this->behind($unit->receiverId)] as $one) {
            if (null !== $one->spot) {
                return $one->spot;
            }
        }

        return null;
    }

    /** The receiver that a run begins at: one that is plugged in nowhere, with units that all share it. */
    public function receiverOf(Run $run): ?Receiver
    {
        $ids = array_unique(array_map(fn (string $id): ?string => $this->unit($id)->receiverId, $run->unitIds()));

        return null !== $run->from || 1 !== \count($ids) ? null : $this->receivers[$ids[0] ?? ''] ?? null;
    }

    /** With a receiver in the place of the one of its id; the units behind it hear what it hears. */
    public function withReceiver(Receiver $receiver): self
    {
        $rig = $this->another();
        $rig->receivers[$receiver->id] = $receiver;
        foreach ($rig->behind($receiver->id) as $unit) {
            $rig->units[$unit->id] = $unit->behind($receiver, $unit->outputs);
        }

        return $rig;
    }

    /** The units behind it hang on a cable then. */
    public function withoutReceiver(string $id): self
    {
        $rig = $this->another();
        unset($rig->receivers[$id]);
        foreach ($rig->behind($id) as $unit) {
            $rig->units[$unit->id] = $unit->listeningTo(null, null);
        }

        return $rig;
    }

    /** Its receivers go with it, and the units behind it hang on a cable then. */
    public function withoutLink(string $id): self
    {
        $rig = $this->another();
        unset($rig->links[$id]);
        $rig->receivers = array_filter($rig->receivers, static fn (Receiver $receiver): bool => $receiver->linkId !== $id);
        $rig->known = array_filter($rig->known, static fn (KnownFinding $known): bool => $known->linkId !== $id);
        $rig->units = array_map(
            static fn (Unit $unit): Unit => $unit->linkId === $id ? $unit->listeningTo(null, null) : $unit,
            $rig->units,
        );

        return $rig;
    }

    public function withRuns(Run ...$runs): self
    {
        $rig = $this->another();
        foreach ($runs as $run) {
            $rig->runs[$run->id] = $run;
        }

        return $rig;
    }

    /** What its splitter fed is plugged in nowhere then. */
    public function withoutRun(string $id): self
    {
        $rig = $this->another();
        $splitter = ($rig->runs[$id] ?? null)?->splitter()?->id;
        unset($rig->runs[$id]);

        return null === $splitter ? $rig : $rig->unplugged($splitter);
    }

    /** Runs that begin at a splitter begin nowhere. */
    public function unplugged(string $splitterId): self
    {
        $rig = $this->another();
        $rig->runs = array_map(
            static fn (Run $run): Run => $run->from?->splitterId === $splitterId ? $run->from(null) : $run,
            $rig->runs,
        );

        return $rig;
    }

    /** @param list<int> $channels of the house's own network, ascending */
    public function besideHouse(array $channels): self
    {
        $rig = $this->another();
        $rig->houseChannels = $channels;

        return $rig;
    }

    public function loading(Van $van): self
    {
        $rig = $this->another();
        $rig->van = $van;

        return $rig;
    }
}
