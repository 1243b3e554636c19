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
}
