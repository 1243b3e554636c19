<?php

declare(strict_types=1);

namespace Rigger\Core\Playback;

use Rigger\Core\Desk\DeskOutput;
use Rigger\Core\Desk\DeskState;
use Rigger\Core\Desk\WalkStep;
use Rigger\Core\Light\Cause;
use Rigger\Core\Profile\RangeFunction;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Reversal;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** A whole rig, made ready to be played: what is sent at a state, and what every lamp does of it. */
final readonly class CompiledRig
{
    /**
     * @param list<PlayedUnit>               $units   in the order of the patch
     * @param DeskOutput|null                $output  of the rig's desk; null for a rig without one
     * @param array<int, true>               $dimmers addresses in the desk's universe at which a dimmer listens
     * @param array<string, array<int, int>> $looks   by id, in their order: value by address, in the desk's universe
     * @param array<int, string>             $resting of each universe that the desk does not send, 512 bytes at rest
     * @param array<string, list<WalkStep>>  $walks   by TrialKind
     */
    public function __construct(
        public array $units,
        public int $universe,
        private ?DeskOutput $output = null,
        private array $dimmers = [],
        public array $looks = [],
        private array $resting = [],
        private array $walks = [],
        public int $version = 0,
    ) {
    }

    public static function of(Rig $rig): self
    {
        $units = array_map(static fn (Unit $unit): PlayedUnit => new PlayedUnit(
            $unit->id,
            $unit->name,
            $unit->place->universe,
            $unit->span(),
            $unit->at->compiled(),
            $unit->isOut ? Cause::outOfAction() : $rig->deafness($unit),
            $rig->trim($unit)->tables($unit->mode()),
            Reversal::InUnit === $unit->pan,
            Reversal::InUnit === $unit->tilt,
            [] === $unit->cellNames ? [] : $unit->labels(),
        ), array_values($rig->units));
        $desk = $rig->desk();
        $walk = null === $desk ? null : $rig->oneByOne();

        return new self(
            $units,
            $rig->universe(),
            null === $desk ? null : DeskOutput::of($desk),
            self::dimmersOf($rig),
            array_map(static fn (Look $look): array => self::onTheDesk($look, $rig), $rig->looks),
            self::atRest($rig),
            null === $walk ? [] : [TrialKind::Units->value => $walk->units(), TrialKind::Faders->value => $walk->faders()],
            $rig->version,
        );
    }

    /** @return array<int, true> addresses in the desk's universe at which a dimmer listens, its low byte too */
    private static function dimmersOf(Rig $rig): array
    {
        $dimmers = [];
        foreach ($rig->units as $unit) {
            foreach ($unit->place->universe === $rig->universe() ? $unit->mode()->channels : [] as $channel) {
                $coarse = $channel->isFine() ? $unit->mode()->channel((int) $channel->fineOf) : $channel;
                if (true === $coarse?->has(RangeFunction::Intensity)) {
                    $dimmers[$unit->place->address + $channel->offset - 1] = true;
                }
            }
        }

        return $dimmers;
    }

    /** @return array<int, int> value by address: units in other universes are not on the desk */
    private static function onTheDesk(Look $look, Rig $rig): array
    {
        $slots = [];
        foreach ($look->values as $id => $values) {
            $at = ($rig->units[$id] ?? null)?->place;
            if ($at?->universe !== $rig->universe()) {
                continue;
            }
            foreach ($values as $place => $value) {
                $slots[$at->address + $place] = $value;
            }
        }

        return $slots;
    }

    /** @return array<int, string> 512 bytes by universe, each channel at its own resting value */
    private static function atRest(Rig $rig): array
    {
        $slots = [];
        foreach ($rig->units as $unit) {
            foreach ($unit->place->universe === $rig->universe() ? [] : $unit->mode()->channels as $channel) {
                $address = $unit->place->address + $channel->offset - 1;
                $slots[$unit->place->universe][$address] ??= $channel->default;
            }
        }
        ksort($slots);

        return array_map(Frame::bytes(...), $slots);
    }

    /** @return list<WalkStep> of a walk; none where no fader moves anything */
    public function walk(TrialKind $kind): array
    {
        return $this->walks[$kind->value] ?? [];
    }

    /** The step of its walk at which a state is; null when nothing is walked. */
    public function step(State $state): ?int
    {
        $trial = $state->trial;
        $count = true === $trial?->kind->isWalk() ? \count($this->walk($trial->kind)) : 0;

        return 0 === $count ? null : ($trial->stepAt($state->time) % $count + $count) % $count;
    }

    /** Everything that is sent at a state, in every universe that there is. */
    public function frame(State $state): Frame
    {
        $universes = $this->resting;
        $universes[$this->universe] = Frame::bytes($this->sent($state));
        ksort($universes);

        return new Frame($universes);
    }

    /** @return array<int, int> what is sent in the desk's universe: value by address */
    public function sent(State $state): array
    {
        $trial = $state->trial;
        $step = $this->step($state);
        if (null !== $trial && null !== $step) {
            $walked = $this->walk($trial->kind)[$step];

            return null === $walked->address || $trial->isUp($state->time) ? $walked->slots : [$walked->address => 0] + $walked->slots;
        }
        if (null !== $state->instead) {
            return $state->instead;
        }
        if (null === $trial?->address) {
            return $this->byDesk($state->desk);
        }
        $held = [$trial->address => $trial->isUp($state->time) ? 255 : 0];

        return $this->byDesk($state->desk->with(slots: $held + $state->desk->slots, secondRow: $held + $state->desk->secondRow));
    }

    /** @return array<int, int> */
    private function byDesk(DeskState $desk): array
    {
        return $this->output?->slots($desk, $this->dimmers) ?? $desk->slots;
    }

    /**
     * What every lamp does, and why each dark one is dark.
     *
     * @return list<Lamp> in the order of the patch
     */
    public function lamps(Frame $frame): array
    {
        $lamps = [];
        $twins = [];
        foreach ($this->units as $unit) {
            $key = null === $this->silence($unit) ? $unit->twinKey() : null;
            $twin = null === $key ? null : $twins[$key] ?? null;
            $lamps[] = $lamp = $twin?->on($unit) ?? $this->lamp($unit, $frame);
            if (null !== $key) {
                $twins[$key] ??= $lamp;
            }
        }

        return $lamps;
    }

    /**
     * The same where these values are sent, whatever stands on the desk.
     *
     * @param array<int, int> $slots value 0 to 255 by address, of the desk's universe
     *
     * @return list<Lamp>
     */
    public function lampsAt(array $slots): array
    {
        return $this->lamps($this->frame((new State())->sending($slots)));
    }

    private function lamp(PlayedUnit $unit, Frame $frame): Lamp
    {
        $silence = $this->silence($unit);
        if (null === $unit->mode || null !== $silence) {
            return Lamp::silent($unit, $silence ?? Cause::chartErrors());
        }
        $values = $unit->values($frame->universe($unit->universe));

        return Lamp::of($unit, $unit->mode, $unit->mode->light($values), $values);
    }

    /** Why nothing that is sent reaches a unit; null when it responds. */
    public function silence(PlayedUnit $unit): ?Cause
    {
        if ('out_of_action' !== $unit->silence?->code && $unit->universe !== $this->universe) {
            return Cause::otherUniverse($unit->universe, $this->universe);
        }

        return $unit->silence;
    }
}
