<?php

declare(strict_types=1);

namespace Rigger\Core\Stage;

use Rigger\Core\Desk\DeskOutput;
use Rigger\Core\Desk\DeskState;
use Rigger\Core\Light\Lighting;

/** A whole rig, made ready to answer what every lamp does at the values of one universe. */
final readonly class CompiledStage
{
    /**
     * @param list<StageUnit>  $units   in the order of the patch
     * @param DeskOutput|null  $output  of the rig's desk; null for a rig without one
     * @param array<int, true> $dimmers addresses in the desk's universe at which a dimmer listens
     */
    public function __construct(public array $units, public int $universe, private ?DeskOutput $output = null, private array $dimmers = [])
    {
    }

    /** @return array<int, int> what the desk sends for where it stands: value by address */
    public function sent(DeskState $state): array
    {
        return $this->output?->slots($state, $this->dimmers) ?? $state->slots;
    }

    /**
     * The light alone, without words: the work that is done for every frame.
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
                $lamps[] = Lamp::silent($unit, $this->silence($unit) ?? \sprintf('%s has errors in its chart: put them right in Fixtures.', $unit->name));
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

    private function silence(StageUnit $unit): ?string
    {
        if ($unit->universe !== $this->universe) {
            return \sprintf('%s is in universe %d, and the desk sends universe %d.', $unit->name, $unit->universe, $this->universe);
        }

        return $unit->silence;
    }
}
