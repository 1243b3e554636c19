<?php

declare(strict_types=1);

namespace Rigger\Core\Playback;

use Rigger\Core\Desk\DeskOutput;
use Rigger\Core\Desk\DeskState;
use Rigger\Core\Light\Cause;
use Rigger\Core\Light\Lighting;
use Rigger\Core\Profile\RangeFunction;
use Rigger\Core\Rig\Reversal;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** A whole rig, made ready to answer what every lamp does at the values of one universe. */
final readonly class CompiledRig
{
    /**
     * @param list<PlayedUnit> $units   in the order of the patch
     * @param DeskOutput|null  $output  of the rig's desk; null for a rig without one
     * @param array<int, true> $dimmers addresses in the desk's universe at which a dimmer listens
     */
    public function __construct(public array $units, public int $universe, private ?DeskOutput $output = null, private array $dimmers = [])
    {
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

        return new self($units, $rig->universe(), null === $desk ? null : DeskOutput::of($desk), self::dimmersOf($rig));
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

    /** @return array<int, int> what the desk sends for where it stands: value by address */
    public function sent(DeskState $state): array
    {
        return $this->output?->slots($state, $this->dimmers) ?? $state->slots;
    }

    /**
     * The light alone, without its causes: the work that is done for every frame.
     *
     * @param array<int, int> $slots value 0 to 255 by address, of the desk's universe
     *
     * @return list<Lighting|null> one a unit; null where nothing reaches it
     */
    public function light(array $slots): array
    {
        $lights = [];
        $twins = [];
        foreach ($this->units as $unit) {
            if (null === $unit->mode || null !== $this->silence($unit)) {
                $lights[] = null;
                continue;
            }
            $key = $unit->twinKey();
            $lights[] = null === $key
                ? $unit->mode->light($unit->values($slots))
                : $twins[$key] ??= $unit->mode->light($unit->values($slots));
        }

        return $lights;
    }

    /**
     * What every lamp does, and why each dark one is dark.
     *
     * @param array<int, int> $slots value 0 to 255 by address, of the desk's universe
     *
     * @return list<Lamp>
     */
    public function lamps(array $slots): array
    {
        $lamps = [];
        $twins = [];
        foreach ($this->light($slots) as $index => $light) {
            $unit = $this->units[$index];
            if (null === $light) {
                $lamps[] = Lamp::silent($unit, $this->silence($unit) ?? Cause::chartErrors());
                continue;
            }
            $key = $unit->twinKey();
            $first = null === $key ? null : $twins[$key] ?? null;
            $lamp = $first?->on($unit) ?? Lamp::of($unit, $light, $unit->values($slots));
            if (null !== $key) {
                $twins[$key] ??= $lamp;
            }
            $lamps[] = $lamp;
        }

        return $lamps;
    }

    private function silence(PlayedUnit $unit): ?Cause
    {
        if ('out_of_action' !== $unit->silence?->code && $unit->universe !== $this->universe) {
            return Cause::otherUniverse($unit->universe, $this->universe);
        }

        return $unit->silence;
    }
}
