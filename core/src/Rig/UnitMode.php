<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Input\InputError;
use Rigger\Core\Light\AtRest;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Light\Solve\LightSolver;
use Rigger\Core\Profile\ChartFinding;
use Rigger\Core\Profile\Mode;

/** A mode of a revision, shared by all units that are set to it: what follows from the chart alone is worked out once. */
final class UnitMode
{
    /** Stands for chart and mode together: units of equal identity at one address are twins. */
    public readonly string $identity;
    private CompiledMode|false|null $compiled = null;
    private LightSolver|false|null $solver = null;
    /** @var array<string, float> by values */
    private array $flashes = [];
    /** @var array<string, array<int, float>> by values */
    private array $levels = [];
    /** @var array<string, AtRest> by channels */
    private array $rests = [];

    /** @internal made by Revision */
    public function __construct(public readonly Revision $revision, public readonly Mode $mode)
    {
        $this->identity = $revision->id.'/'.$mode->key;
    }

    /** @return list<ChartFinding> what is wrong in the chart: errors and warnings */
    public function faults(): array
    {
        return $this->revision->faults($this->mode);
    }

    /** From what is meant to values; null where the chart cannot be used. */
    public function solver(): ?LightSolver
    {
        try {
            $this->solver ??= new LightSolver($this->revision->profile, $this->mode->key);
        } catch (InputError) {
            $this->solver = false;
        }

        return false === $this->solver ? null : $this->solver;
    }

    /**
     * How often it flashes at these values, in flashes a second; 0 where it does not, is dark, or cannot be worked out.
     *
     * @param list<int> $values one a channel
     */
    public function flash(array $values): float
    {
        $key = implode(',', $values);

        return $this->flashes[$key] ??= $this->flashOf($values);
    }

    /**
     * Whether any light comes of these values.
     *
     * @param list<int> $values one a channel
     */
    public function shines(array $values): bool
    {
        $mode = $this->compiled();

        return null !== $mode && \count($values) === $mode->mode->footprint() && !$mode->light($values)->isDark();
    }

    /**
     * How much of its light each cell gives at these values, 0 to 1; all of it while it runs by itself.
     *
     * @param list<int> $values one a channel
     *
     * @return array<int, float> by number of the cell; none where that cannot be worked out
     */
    public function levels(array $values): array
    {
        $key = implode(',', $values);

        return $this->levels[$key] ??= $this->levelsOf($values);
    }

    /**
     * @param list<int> $values
     *
     * @return array<int, float>
     */
    private function levelsOf(array $values): array
    {
        $mode = $this->compiled();
        if (null === $mode || \count($values) !== $mode->mode->footprint()) {
            return [];
        }
        $light = $mode->light($values);
        $levels = [];
        foreach ($light->cells as $cell) {
            $levels[$cell->cell] = null === $light->selfRunning ? $cell->brightness : 1.0;
        }

        return $levels;
    }

    /** @param list<int> $values */
    private function flashOf(array $values): float
    {
        $mode = $this->compiled();
        $light = null === $mode || \count($values) !== $mode->mode->footprint() ? null : $mode->light($values);

        return null === $light || $light->isDark() ? 0.0 : $light->fastestFlash();
    }

    /**
     * What it means that some channels are on no fader.
     *
     * @param list<int> $channels counted from 1
     *
     * @return AtRest|null null when the chart has errors
     */
    public function atRest(array $channels): ?AtRest
    {
        $mode = $this->compiled();

        return null === $mode ? null : $this->rests[implode(',', $channels)] ??= AtRest::of($mode, $channels);
    }

    /** @return CompiledMode|null null when the chart has errors: Fixtures reports them */
    public function compiled(): ?CompiledMode
    {
        $this->compiled ??= $this->revision->compiled($this->mode->key) ?? false;

        return false === $this->compiled ? null : $this->compiled;
    }
}
