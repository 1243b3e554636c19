<?php

declare(strict_types=1);

namespace Rigger\Core\Playback;

use Rigger\Core\Light\Cause;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Light\Lighting;

/** One unit on the stage strip: what it shows, and why it is dark, silent or busy. */
final readonly class Lamp
{
    /** @param list<Cause> $causes */
    private function __construct(public string $id, public string $name, public LampLight $light, public array $causes)
    {
    }

    /** Of a unit that nothing reaches. */
    public static function silent(PlayedUnit $unit, Cause $cause): self
    {
        return new self($unit->id, $unit->name, LampLight::without($unit, $cause), [$cause]);
    }

    /** @param list<int> $values */
    public static function of(PlayedUnit $unit, CompiledMode $mode, Lighting $light, array $values): self
    {
        return new self($unit->id, $unit->name, LampLight::of($unit, $mode, $light), self::causes($unit, $mode, $light, $values));
    }

    /** The same light on a twin, which hears the same values. */
    public function on(PlayedUnit $twin): self
    {
        return new self($twin->id, $twin->name, $this->light, $this->causes);
    }

    /**
     * @param list<int> $values
     *
     * @return list<Cause>
     */
    private static function causes(PlayedUnit $unit, CompiledMode $mode, Lighting $light, array $values): array
    {
        if (null !== $light->selfRunning) {
            return [Cause::runsItself($light->selfRunning)];
        }
        if ($mode->isOfDimmersAlone()) {
            return self::dimmersDown($unit, $mode, $light, $values);
        }

        return array_map(
            static fn (Cause $cause): Cause => $cause->inWordsOf($unit->labels),
            $light->isDark() ? $mode->whyDark($values, $light->cells[0]->cell) : [],
        );
    }

    /**
     * Every socket of a pack that is dark, those at one value in one breath.
     *
     * @param list<int> $values
     *
     * @return list<Cause>
     */
    private static function dimmersDown(PlayedUnit $unit, CompiledMode $mode, Lighting $light, array $values): array
    {
        $alike = [];
        foreach ($light->cells as $cell) {
            foreach ($cell->isDark() ? $mode->whyDark($values, $cell->cell) : [] as $cause) {
                $cause = $cause->inWordsOf($unit->labels);
                $alike[$cause->code.' '.$cause->value.' '.json_encode($cause->figures['full'] ?? null)][] = $cause;
            }
        }

        return array_merge(...array_values(array_map(
            static fn (array $causes): array => 'dimmer_down' === $causes[0]->code ? [Cause::together($causes)] : $causes,
            $alike,
        )));
    }
}
