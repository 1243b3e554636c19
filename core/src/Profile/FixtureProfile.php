<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

/** A fixture type as its manual describes it: open format `rigger-fixture`, version 1. */
final readonly class FixtureProfile
{
    public const FORMAT = 'rigger-fixture';
    public const VERSION = 1;

    /**
     * @param string                                        $kind     any text; `effect`, `hazer` and `motor` give no light
     * @param float|null                                    $watts    power drawn
     * @param list<Emitter>                                 $emitters with different keys
     * @param array{pan: float|null, tilt: float|null}|null $movement travel in degrees
     * @param list<Mode>                                    $modes    with different keys
     * @param SwitchScheme|null                             $switches how its address is set, where it has switches
     * @param UnitSetting|null                              $unit     what it is like to set
     * @param ChartRecord|null                              $record   what people saw, accepted and have not tried yet
     */
    public function __construct(
        public string $maker,
        public string $model,
        public string $kind,
        public ?float $watts,
        public array $emitters,
        public ?array $movement,
        public array $modes,
        public ?SwitchScheme $switches = null,
        public ?UnitSetting $unit = null,
        public ?ChartRecord $record = null,
    ) {
    }

    public function mode(string $key): ?Mode
    {
        foreach ($this->modes as $mode) {
            if ($mode->key === $key) {
                return $mode;
            }
        }

        return null;
    }

    /** @param list<Mode> $modes */
    public function withModes(array $modes): self
    {
        return $this->with($modes, $this->emitters, $this->record);
    }

    /** With this mode in the place of the one of the same key. */
    public function withMode(Mode $mode): self
    {
        return $this->withModes(array_map(static fn (Mode $one): Mode => $one->key === $mode->key ? $mode : $one, $this->modes));
    }

    /** @param list<Emitter> $emitters */
    public function withEmitters(array $emitters): self
    {
        return $this->with($this->modes, $emitters, $this->record);
    }

    public function withRecord(?ChartRecord $record): self
    {
        return $this->with($this->modes, $this->emitters, $record);
    }

    public function named(string $maker, string $model): self
    {
        return new self(
            $maker,
            $model,
            $this->kind,
            $this->watts,
            $this->emitters,
            $this->movement,
            $this->modes,
            $this->switches,
            $this->unit,
            $this->record,
        );
    }

    /** Without the words and marks that nothing is computed from: what is left decides whether a chart is another one. */
    public function computed(): self
    {
        return new self(
            $this->maker,
            $this->model,
            $this->kind,
            $this->watts,
            $this->emitters,
            $this->movement,
            $this->modes,
            $this->switches,
        );
    }

    public function emitter(string $key): ?Emitter
    {
        foreach ($this->emitters as $emitter) {
            if ($emitter->key === $key) {
                return $emitter;
            }
        }

        return null;
    }

    public function equals(self $other): bool
    {
        return serialize($this) === serialize($other);
    }

    /** What shines where a mode has no emitters: the profile's own lamp, or the usual one. */
    public function lamp(): Emitter
    {
        return $this->emitter(Emitter::LAMP) ?? Emitter::lamp();
    }

    /** Whether light is not what it is for. */
    public function isLightless(): bool
    {
        return \in_array($this->kind, ['effect', 'hazer', 'motor'], true);
    }

    /**
     * @param list<Mode>    $modes
     * @param list<Emitter> $emitters
     */
    private function with(array $modes, array $emitters, ?ChartRecord $record): self
    {
        return new self(
            $this->maker,
            $this->model,
            $this->kind,
            $this->watts,
            $emitters,
            $this->movement,
            $modes,
            $this->switches,
            $this->unit,
            $record,
        );
    }
}
