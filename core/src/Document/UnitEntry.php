<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Patch\Place;
use Rigger\Core\Position\Spot;
use Rigger\Core\Rig\Power\Supply;
use Rigger\Core\Rig\Receiver;
use Rigger\Core\Rig\Reversal;
use Rigger\Core\Rig\Revision;
use Rigger\Core\Rig\RunState;
use Rigger\Core\Rig\TapeColour;
use Rigger\Core\Rig\Unit;

/** A unit in a rig document. */
final readonly class UnitEntry
{
    /**
     * @param int                $type      index of its chart among the document's types
     * @param string             $mode      key of one of that chart's modes
     * @param int|null           $link      index among the document's links; null for cable
     * @param string|null        $receiver  name that its receiver is set to
     * @param string|null        $position  where it hangs, in the operator's words
     * @param int|null           $number    as it is called
     * @param list<string>       $groups
     * @param list<ChannelCurve> $curves    its own
     * @param int|null           $buttons   of the desk that it is let take, where it is meant to take several
     * @param array<int, string> $cellNames by number of the cell
     * @param RunState           $runState  since version 3, as the next three
     * @param int|null           $behind    index among the document's receivers; it has no link of its own then
     * @param list<int>|null     $outputs   of its receiver, one for each of its channels
     * @param int|null           $circuit   index among the document's circuits; since version 3, as the next
     */
    public function __construct(
        public string $name,
        public int $type,
        public string $mode,
        public int $universe,
        public int $address,
        public ?int $link,
        public ?string $receiver,
        public ?string $position = null,
        public ?int $number = null,
        public array $groups = [],
        public ?string $note = null,
        public TapeColour $tape = TapeColour::Cream,
        public bool $isLocked = false,
        public ?Spot $spot = null,
        public array $curves = [],
        public ?Reversal $pan = null,
        public ?Reversal $tilt = null,
        public ?int $buttons = null,
        public bool $isOut = false,
        public array $cellNames = [],
        public RunState $runState = RunState::Desk,
        public bool $hearsRemote = false,
        public ?int $behind = null,
        public ?array $outputs = null,
        public ?int $circuit = null,
        public Supply $supply = new Supply(),
    ) {
    }

    public function unit(string $id, Revision $revision, ?string $linkId, ?Receiver $receiver = null, ?string $circuitId = null): Unit
    {
        $unit = new Unit($id, $this->name, $revision, $this->mode, new Place(
            $this->universe,
            $this->address,
        ), $linkId, null === $linkId ? null : $this->receiver, $this->position, $this->spot, $this->number, $this->groups,
            $this->note, $this->tape, $this->isLocked, $this->pan, $this->tilt, $this->buttons, $this->curves, null, null, $this->isOut,
            $this->cellNames, $this->runState, $this->hearsRemote, null, $this->outputs, null, $circuitId, $this->supply);

        return null === $receiver ? $unit : $unit->behind($receiver, $this->outputs);
    }

    public static function of(Unit $unit, int $type, ?int $link, ?int $behind, ?int $circuit): self
    {
        return new self(
            $unit->name, $type, $unit->mode()->key, $unit->place->universe, $unit->place->address,
            null === $behind ? $link : null, null === $behind ? $unit->receiver : null, $unit->position,
            $unit->number, $unit->groups, $unit->note, $unit->tape, $unit->isLocked, $unit->spot, $unit->curves, $unit->pan, $unit->tilt,
            $unit->takesButtons, $unit->isOut, $unit->cellNames, $unit->runState, $unit->hearsRemote, $behind, $unit->outputs, $circuit,
            $unit->supply,
        );
    }
}
