<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Cable;

use Rigger\Core\Severity;

/**
 * A data run, from an output along its devices, one cable to each.
 *
 * Limits by ANSI E1.11 on EIA-485: 32 unit loads an output, a terminator at the end; 300 m and 15 m of microphone cable are the
 * trade's rules of thumb.
 */
final readonly class DataRun
{
    public const MOST_LOADS = 32.0;
    public const LONGEST = 300.0;
    /** As much microphone cable in all mostly works. */
    public const MOST_MICROPHONE = 15.0;
    public const MOST_ADAPTERS = 2;
    /** Sums of typed figures miss a bound by this much. */
    private const NEAR = 1e-9;

    /** @param list<RunDevice> $devices in the order of the cable */
    public function __construct(public array $devices, public bool $isTerminated)
    {
    }

    public function load(): float
    {
        return array_sum(array_map(static fn (RunDevice $device): float => $device->load, $this->devices));
    }

    public function metres(?CableType $type = null): float
    {
        return array_sum(array_map(
            static fn (RunDevice $device): float => null === $type || $device->cable->type === $type ? $device->cable->metres : 0.0,
            $this->devices,
        ));
    }

    /** @return list<RunFault> */
    public function faults(): array
    {
        return array_values(array_filter([
            $this->load() > self::MOST_LOADS + self::NEAR
                ? new RunFault('too_many', Severity::Error, ['load' => $this->load(), 'limit' => self::MOST_LOADS])
                : null,
            $this->metres() > self::LONGEST + self::NEAR
                ? new RunFault('long', Severity::Warning, ['metres' => $this->metres(), 'limit' => self::LONGEST])
                : null,
            $this->isOpen() ? new RunFault('no_terminator', Severity::Warning, device: $this->last()?->id) : null,
            $this->microphoneCable(),
            $this->adapters() > self::MOST_ADAPTERS
                ? new RunFault('adapters', Severity::Note, ['count' => $this->adapters(), 'limit' => self::MOST_ADAPTERS])
                : null,
            $this->afterSplitter(),
        ]));
    }

    private function last(): ?RunDevice
    {
        return [] === $this->devices ? null : $this->devices[\count($this->devices) - 1];
    }

    /** A splitter at the end closes the run itself. */
    private function isOpen(): bool
    {
        return !$this->isTerminated && null !== $this->last() && DeviceKind::Splitter !== $this->last()->kind;
    }

    private function adapters(): int
    {
        return \count(array_filter($this->devices, static fn (RunDevice $device): bool => $device->cable->hasAdapter));
    }

    private function microphoneCable(): ?RunFault
    {
        $pieces = array_filter($this->devices, static fn (RunDevice $device): bool => CableType::Microphone === $device->cable->type);
        if ([] === $pieces) {
            return null;
        }
        $metres = $this->metres(CableType::Microphone);

        return new RunFault(
            'microphone_cable',
            $metres > self::MOST_MICROPHONE + self::NEAR ? Severity::Warning : Severity::Caution,
            ['metres' => $metres, 'limit' => self::MOST_MICROPHONE, 'pieces' => \count($pieces)],
        );
    }

    private function afterSplitter(): ?RunFault
    {
        foreach (\array_slice($this->devices, 0, -1) as $index => $device) {
            if (DeviceKind::Splitter === $device->kind) {
                return new RunFault(
                    'after_splitter',
                    Severity::Error,
                    ['count' => \count($this->devices) - $index - 1],
                    $device->id,
                );
            }
        }

        return null;
    }
}
