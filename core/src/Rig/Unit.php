<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Patch\Place;
use Rigger\Core\Patch\Placed;
use Rigger\Core\Patch\Span;
use Rigger\Core\Position\Spot;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Rig\Power\Supply;

/**
 * A unit that hangs: which chart it follows, in which mode, where it listens, and what is noted of it. Each change gives another one.
 */
final class Unit
{
    /** @readonly @phpstan-allow-private-mutation */
    public UnitMode $at;
    private ?Span $span = null;
    private ?Placed $placed = null;
    private ?string $twinKey = null;

    /**
     * @param string|null        $linkId       sender that it listens to; null for one on a cable
     * @param string|null        $receiver     name that its receiver is set to; null without a link
     * @param string|null        $position     where it hangs, in the operator's words
     * @param int|null           $number       as it is called on the headset
     * @param list<string>       $groups
     * @param bool               $isLocked     no plan gives it another address
     * @param int|null           $takesButtons buttons of the desk that it is meant to take, 2 or more; null for one like everybody
     * @param list<ChannelCurve> $curves       its own, by channel; they stand before those of its type
     * @param bool               $isOut        out of action tonight: its address stays, and nobody counts on it
     * @param array<int, string> $cellNames    what the operator calls its cells or sockets, by number: "Lamp over the table"
     * @param RunState           $runState     as it is set on its menu
     * @param bool               $hearsRemote  whether a hand remote reaches it
     * @param \DateTimeImmutable $setAt        when somebody set it on the walk-round; null once what is to be set has changed
     * @param \DateTimeImmutable $provedAt     when it was found to have kept its setting through off and on
     * @param string|null        $receiverId   receiver that it shares with others, or is an output of; null for one of its own
     * @param list<int>|null     $outputs      of its receiver, one for each of its channels; null for 1, 2, 3 and so on
     * @param string|null        $circuitId    that it is plugged into
     * @param Supply             $supply       what of its power somebody has said
     * @param \DateTimeImmutable $pairedAt     when its receiver was made to listen to its sender; null once either is set otherwise
     *
     * @throws \LogicException when the chart lacks the mode
     */
    public function __construct(
        public readonly string $id,
        /** @readonly @phpstan-allow-private-mutation */
        public string $name,
        Revision $revision,
        string $mode,
        /** @readonly @phpstan-allow-private-mutation */
        public Place $place,
        /** @readonly @phpstan-allow-private-mutation */
        public ?string $linkId = null,
        /** @readonly @phpstan-allow-private-mutation */
        public ?string $receiver = null,
        /** @readonly @phpstan-allow-private-mutation */
        public ?string $position = null,
        /** @readonly @phpstan-allow-private-mutation */
        public ?Spot $spot = null,
        /** @readonly @phpstan-allow-private-mutation */
        public ?int $number = null,
        /** @readonly @phpstan-allow-private-mutation */
        public array $groups = [],
        /** @readonly @phpstan-allow-private-mutation */
        public ?string $note = null,
        /** @readonly @phpstan-allow-private-mutation */
        public TapeColour $tape = TapeColour::Cream,
        /** @readonly @phpstan-allow-private-mutation */
        public bool $isLocked = false,
        /** @readonly @phpstan-allow-private-mutation */
        public ?Reversal $pan = null,
        /** @readonly @phpstan-allow-private-mutation */
        public ?Reversal $tilt = null,
        /** @readonly @phpstan-allow-private-mutation */
        public ?int $takesButtons = null,
        /** @readonly @phpstan-allow-private-mutation */
        public array $curves = [],
        /** @readonly @phpstan-allow-private-mutation */
        public ?\DateTimeImmutable $setAt = null,
        /** @readonly @phpstan-allow-private-mutation */
        public ?\DateTimeImmutable $provedAt = null,
        /** @readonly @phpstan-allow-private-mutation */
        public bool $isOut = false,
        /** @readonly @phpstan-allow-private-mutation */
        public array $cellNames = [],
        /** @readonly @phpstan-allow-private-mutation */
        public RunState $runState = RunState::Desk,
        /** @readonly @phpstan-allow-private-mutation */
        public bool $hearsRemote = false,
        /** @readonly @phpstan-allow-private-mutation */
        public ?string $receiverId = null,
        /** @readonly @phpstan-allow-private-mutation */
        public ?array $outputs = null,
        /** @readonly @phpstan-allow-private-mutation */
        public ?\DateTimeImmutable $pairedAt = null,
        /** @readonly @phpstan-allow-private-mutation */
        public ?string $circuitId = null,
        /** @readonly @phpstan-allow-private-mutation */
        public Supply $supply = new Supply(),
    ) {
        $this->at = self::modeOf($revision, $mode);
    }

    public function revision(): Revision
    {
        return $this->at->revision;
    }

    public function mode(): Mode
    {
        return $this->at->mode;
    }

    /** "Drum 6", as the library calls the type. */
    public function model(): string
    {
        return $this->at->revision->model;
    }

    public function footprint(): int
    {
        return $this->at->mode->footprint();
    }

    public function span(): Span
    {
        return $this->span ??= Span::at($this->place->address, $this->at->mode->footprint());
    }

    public function placed(): Placed
    {
        return $this->placed ??= new Placed($this->id, $this->place->universe, $this->span(), $this->at->identity);
    }

    /** Equal for twins: units of one chart in one mode at one place. */
    public function twinKey(): string
    {
        return $this->twinKey ??= $this->place->universe.'.'.$this->place->address.' '.$this->at->identity;
    }

    public function equals(self $other): bool
    {
        return $this === $other
            || $this->id === $other->id
            && $this->at === $other->at
            && $this->place->equals($other->place)
            && $this->noted() === $other->noted()
                && self::sameCurves($this->curves, $other->curves)
                && $this->setAt?->getTimestamp() === $other->setAt?->getTimestamp()
                && $this->provedAt?->getTimestamp() === $other->provedAt?->getTimestamp()
                && $this->pairedAt?->getTimestamp() === $other->pairedAt?->getTimestamp();
    }

    /**
     * @param list<ChannelCurve> $one
     * @param list<ChannelCurve> $other
     */
    private static function sameCurves(array $one, array $other): bool
    {
        return $one === $other || array_map(static fn (ChannelCurve $curve): array => $curve->toArray(), $one) === array_map(
            static fn (ChannelCurve $curve): array => $curve->toArray(),
            $other,
        );
    }

    /** @return list<mixed> what is kept of it as plain values */
    private function noted(): array
    {
        return [
            $this->name, $this->linkId, $this->receiver, $this->position, $this->spot?->x, $this->spot?->y, $this->spot?->height,
            $this->number, $this->groups, $this->note, $this->tape, $this->isLocked, $this->pan, $this->tilt, $this->takesButtons,
            $this->isOut, $this->cellNames, $this->runState, $this->hearsRemote, $this->receiverId, $this->outputs,
            $this->circuitId, $this->supply->isEmpty() ? null : serialize($this->supply),
        ];
    }

    public function renamed(string $name): self
    {
        $unit = clone $this;
        $unit->name = $name;

        return $unit;
    }

    public function movedTo(Place $place): self
    {
        $unit = $this->unset();
        $unit->place = $place;

        return $unit;
    }

    public function inMode(string $mode): self
    {
        return $this->becoming($this->at->revision, $mode);
    }

    /** It is another fixture from now on, with a chart of its own. */
    public function becoming(Revision $revision, string $mode): self
    {
        $unit = $this->unset();
        $unit->at = self::modeOf($revision, $mode);
        $unit->outputs = \count($unit->outputs ?? []) === $unit->footprint() ? $unit->outputs : null;

        return $unit;
    }

    /** The same mode of a newer chart: what stands on its menu stays as it is. */
    public function following(Revision $revision): self
    {
        $unit = clone $this;
        $unit->span = $unit->placed = $unit->twinKey = null;
        $unit->at = self::modeOf($revision, $this->at->mode->key);
        $unit->outputs = \count($unit->outputs ?? []) === $unit->footprint() ? $unit->outputs : null;

        return $unit;
    }

    /**
     * Through a receiver of its own.
     *
     * @param string|null $linkId null for a cable
     */
    public function listeningTo(?string $linkId, ?string $receiver): self
    {
        $unit = $this->unset();
        $unit->outputs = $linkId === $unit->linkId && null === $unit->receiverId ? $unit->outputs : null;
        $unit->linkId = $linkId;
        $unit->receiver = null === $linkId ? null : $receiver;
        $unit->receiverId = $unit->pairedAt = null;

        return $unit;
    }

    /**
     * Through a receiver that others may share.
     *
     * @param list<int>|null $outputs
     */
    public function behind(Receiver $receiver, ?array $outputs): self
    {
        $isSame = $this->receiverId === $receiver->id && $this->linkId === $receiver->linkId
            && $this->receiver === $receiver->setting && $this->outputs === $outputs;
        $unit = $isSame ? clone $this : $this->unset();
        $unit->receiverId = $receiver->id;
        $unit->linkId = $receiver->linkId;
        $unit->receiver = $receiver->setting;
        $unit->pairedAt = $receiver->pairedAt;
        $unit->outputs = $outputs;

        return $unit;
    }

    /** @return list<int> outputs of its receiver, one for each of its channels */
    public function outputs(): array
    {
        return $this->outputs ?? range(1, $this->footprint());
    }

    /**
     * Which output drives which of its channels: what is to be given to them changes with it.
     *
     * @param list<int>|null $outputs
     */
    public function onOutputs(?array $outputs): self
    {
        $unit = $this->unset();
        $unit->outputs = $outputs;

        return $unit;
    }

    /** Its receiver was made to listen to its sender; with null that is so no more. */
    public function paired(?\DateTimeImmutable $at): self
    {
        $unit = clone $this;
        $unit->pairedAt = $at;

        return $unit;
    }

    public function pluggedInto(?string $circuitId): self
    {
        $unit = clone $this;
        $unit->circuitId = $circuitId;

        return $unit;
    }

    public function supplied(Supply $supply): self
    {
        $unit = clone $this;
        $unit->supply = $supply;

        return $unit;
    }

    /** Ticked on the walk-round; with null the tick is taken back. */
    public function markedSet(?\DateTimeImmutable $at): self
    {
        $unit = clone $this;
        $unit->setAt = $at;
        $unit->provedAt = null;

        return $unit;
    }

    /** It was switched off and on and had kept what was set; with null that is taken back. */
    public function markedProved(?\DateTimeImmutable $at): self
    {
        $unit = clone $this;
        $unit->setAt ??= $at;
        $unit->provedAt = $at;

        return $unit;
    }

    public function locked(bool $isLocked): self
    {
        $unit = clone $this;
        $unit->isLocked = $isLocked;

        return $unit;
    }

    /** Whether no plan may give it another address: it is locked, or cannot be reached to set tonight. */
    public function stays(): bool
    {
        return $this->isLocked || $this->isOut;
    }

    public function running(RunState $state): self
    {
        $unit = $this->unset();
        $unit->runState = $state;

        return $unit;
    }

    public function hearingRemote(bool $hears): self
    {
        $unit = $this->unset();
        $unit->hearsRemote = $hears;

        return $unit;
    }

    public function outOfAction(bool $isOut): self
    {
        $unit = clone $this;
        $unit->isOut = $isOut;

        return $unit;
    }

    /** @param array<int, string> $names by number of the cell; one that is left out has none of its own */
    public function withCellNames(array $names): self
    {
        ksort($names);
        $unit = clone $this;
        $unit->cellNames = $names;

        return $unit;
    }

    /** @return list<string> names of its channels, those of named cells by the operator's names */
    public function labels(): array
    {
        if ([] === $this->cellNames) {
            return $this->at->mode->labels();
        }
        $channels = $this->at->mode->byOffset();
        $perCell = array_count_values(array_filter(array_map(static fn (Channel $one): ?int => $one->cell, $channels), is_int(...)));

        return array_map(function (Channel $channel) use ($perCell): string {
            $name = $this->cellNames[$channel->cell ?? 0] ?? null;

            return match (true) {
                null === $name => $channel->label,
                1 === ($perCell[$channel->cell ?? 0] ?? 0) => $name,
                default => $name.' '.mb_strtolower(self::withoutNumber($channel)),
            };
        }, $channels);
    }

    /** "Red" of "Red 3" in cell 3. */
    private static function withoutNumber(Channel $channel): string
    {
        return trim((string) preg_replace('/\s*\b'.$channel->cell.'\b\s*/u', ' ', $channel->label));
    }

    /** @param list<ChannelCurve> $curves */
    public function bent(array $curves): self
    {
        usort($curves, static fn (ChannelCurve $one, ChannelCurve $other): int => $one->channel <=> $other->channel);
        $unit = clone $this;
        $unit->curves = $curves;

        return $unit;
    }

    public function turned(?Reversal $pan, ?Reversal $tilt): self
    {
        $unit = clone $this;
        [$unit->pan, $unit->tilt] = [$pan, $tilt];

        return $unit;
    }

    public function takingButtons(?int $buttons): self
    {
        $unit = clone $this;
        $unit->takesButtons = $buttons;

        return $unit;
    }

    public function numbered(?int $number): self
    {
        $unit = clone $this;
        $unit->number = $number;

        return $unit;
    }

    /** @param list<string> $groups */
    public function grouped(array $groups): self
    {
        $unit = clone $this;
        $unit->groups = $groups;

        return $unit;
    }

    public function withNote(?string $note): self
    {
        $unit = clone $this;
        $unit->note = $note;

        return $unit;
    }

    public function taped(TapeColour $tape): self
    {
        $unit = clone $this;
        $unit->tape = $tape;

        return $unit;
    }

    public function hangingAt(?string $position): self
    {
        $unit = clone $this;
        $unit->position = $position;

        return $unit;
    }

    /** @param Spot|null $spot null takes it off the plan */
    public function putAt(?Spot $spot): self
    {
        $unit = clone $this;
        $unit->spot = $spot;

        return $unit;
    }

    /** What is to be set on it changes, so nobody has set it. */
    private function unset(): self
    {
        $unit = clone $this;
        $unit->span = $unit->placed = $unit->twinKey = null;
        $unit->setAt = $unit->provedAt = null;

        return $unit;
    }

    private static function modeOf(Revision $revision, string $mode): UnitMode
    {
        return $revision->mode($mode) ?? throw new \LogicException('A unit follows a mode of its chart.');
    }
}
