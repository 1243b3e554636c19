<?php

declare(strict_types=1);

namespace Rigger\Core\Stage;

use Rigger\Core\Light\Lighting;

/** A whole rig, made ready to answer what every lamp does at the values of one universe. */
final readonly class CompiledStage
{
    /** @param list<StageUnit> $units in the order of the patch */
    public function __construct(public array $units, public int $universe)
    {
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
        foreach ($this->units as $unit) {
            $lights[] = null === $unit->mode || null !== $this->silence($unit) ? null : $unit->mode->light($unit->values($slots));
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
        foreach ($this->light($slots) as $index => $light) {
            $unit = $this->units[$index];
            $lamps[] = null === $light
                ? Lamp::silent($unit, $this->silence($unit) ?? \sprintf('%s has errors in its chart: put them right in Fixtures.', $unit->name))
                : Lamp::of($unit, $light, $unit->values($slots));
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
