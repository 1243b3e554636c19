<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Input\InputError;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Profile\ChartFinding;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\ProfileCheck;
use Rigger\Core\Severity;

/** A chart as it stood once: what units follow. It never changes, so everything that is made of it can be kept. */
final class Revision
{
    /** @var array<string, UnitMode> by mode */
    private array $modes = [];
    /** @var array<string, list<ChartFinding>> by mode: what is wrong in the chart, errors and warnings */
    private array $faults = [];
    /** @var (\Closure(self, string): ?CompiledMode)|null */
    private ?\Closure $compiler = null;

    /**
     * @param string $id     of the revision
     * @param string $typeId of the fixture type
     * @param int    $number from 1
     * @param string $maker  of the type, as the library has it now
     * @param string $model  of the type, as the library has it now
     */
    public function __construct(
        public readonly string $id,
        public readonly string $typeId,
        public readonly int $number,
        public readonly string $maker,
        public readonly string $model,
        public readonly FixtureProfile $profile,
    ) {
    }

    /** @return array<string, mixed> the chart with what is wrong in it, so that nobody looks twice */
    public function __serialize(): array
    {
        array_map($this->faults(...), $this->profile->modes);

        return [
            'id' => $this->id,
            'typeId' => $this->typeId,
            'number' => $this->number,
            'maker' => $this->maker,
            'model' => $this->model,
            'profile' => $this->profile,
            'faults' => $this->faults,
        ];
    }

    /**
     * @param array{id: string, typeId: string, number: int, maker: string, model: string, profile: FixtureProfile, faults: array<string,
     *     list<ChartFinding>>} $data
     */
    public function __unserialize(array $data): void
    {
        [
            'id' => $this->id,
            'typeId' => $this->typeId,
            'number' => $this->number,
            'maker' => $this->maker,
            'model' => $this->model,
            'profile' => $this->profile,
            'faults' => $this->faults,
        ] = $data;
    }

    /** @return UnitMode|null null for a mode that the chart lacks */
    public function mode(string $key): ?UnitMode
    {
        if (!isset($this->modes[$key])) {
            $mode = $this->profile->mode($key);
            if (null === $mode) {
                return null;
            }
            $this->modes[$key] = new UnitMode($this, $mode);
        }

        return $this->modes[$key];
    }

    /**
     * What is wrong in a mode of the chart: errors and warnings.
     *
     * @return list<ChartFinding>
     */
    public function faults(Mode $mode): array
    {
        return $this->faults[$mode->key] ??= array_values(array_filter(
            ProfileCheck::ofMode($this->profile, $mode),
            static fn (ChartFinding $finding): bool => \in_array($finding->code->severity(), [Severity::Error, Severity::Warning], true),
        ));
    }

    /**
     * Whoever keeps modes that were made ready once gives them here; without, each is made when it is asked for.
     *
     * @param \Closure(self, string): ?CompiledMode $compiler
     */
    public function compiledBy(\Closure $compiler): void
    {
        $this->compiler = $compiler;
    }

    /** @return CompiledMode|null null when the chart has errors: Fixtures reports them */
    public function compiled(string $mode): ?CompiledMode
    {
        return null === $this->compiler ? $this->compile($mode) : ($this->compiler)($this, $mode);
    }

    /** Makes a mode ready, whoever keeps it. */
    public function compile(string $mode): ?CompiledMode
    {
        try {
            return CompiledMode::of($this->profile, $mode);
        } catch (InputError) {
            return null;
        }
    }

    /** @return list<Mode> those that a unit can be set to: with a channel at least */
    public function usableModes(): array
    {
        return array_values(array_filter($this->profile->modes, static fn (Mode $mode): bool => $mode->footprint() > 0));
    }

    public function follows(self $other): bool
    {
        return $this->id === $other->id;
    }
}
