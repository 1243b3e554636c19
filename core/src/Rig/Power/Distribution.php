<?php

declare(strict_types=1);

namespace Rigger\Core\Rig\Power;

use Rigger\Core\Power\CircuitLoad;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** What hangs on each circuit of a rig, and what it takes. */
final class Distribution
{
    /** @var array<string, list<Unit>> plugged into each circuit itself */
    private array $own = [];
    /** @var array<string, list<Circuit>> outlets that each circuit feeds */
    private array $outlets = [];
    /** @var array<string, array<string, float>> watts by look and unit */
    private array $inLooks = [];
    /** @var array<string, CircuitLoad> by circuit */
    private array $full = [];
    /** @var array<string, array{Look, CircuitLoad}|null> by circuit */
    private array $brightest = [];

    public function __construct(private readonly Rig $rig)
    {
        foreach ($rig->units as $unit) {
            if (null !== $unit->circuitId) {
                $this->own[$unit->circuitId][] = $unit;
            }
        }
        foreach ($rig->circuits as $circuit) {
            if (null !== $circuit->fedBy) {
                $this->outlets[$circuit->fedBy][] = $circuit;
            }
        }
    }

    /** @return list<Unit> */
    public function own(string $circuitId): array
    {
        return $this->own[$circuitId] ?? [];
    }

    /** @return list<Circuit> */
    private function outlets(string $circuitId): array
    {
        return $this->outlets[$circuitId] ?? [];
    }

    /** @return list<Unit> with those on its outlets */
    public function units(string $circuitId): array
    {
        $units = $this->own($circuitId);
        foreach ($this->outlets($circuitId) as $outlet) {
            array_push($units, ...$this->units($outlet->id));
        }

        return $units;
    }

    /**
     * Whom the battery of a unit feeds: itself, and what is on outputs of the same receiver without a battery of its own.
     *
     * @return non-empty-list<Unit>
     */
    public function onBatteryOf(Unit $unit): array
    {
        $receiver = $this->rig->receivers[$unit->receiverId ?? ''] ?? null;
        if (null === $receiver || 0 === $this->rig->link($receiver->linkId)->kit->kit->outputs) {
            return [$unit];
        }

        return [$unit, ...array_values(array_filter(
            $this->rig->behind($receiver->id),
            static fn (Unit $one): bool => $one->id !== $unit->id && null === $one->supply->battery,
        ))];
    }

    /** Whether a battery feeds it, its own or that of its receiver. */
    public function isOnBattery(Unit $unit): bool
    {
        if (null !== $unit->supply->battery) {
            return true;
        }
        foreach (null === $unit->receiverId ? [] : $this->rig->behind($unit->receiverId) as $other) {
            if (null !== $other->supply->battery && \in_array($unit, $this->onBatteryOf($other), true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether a circuit hangs on another, however far, or is it. */
    public function isBehind(string $circuitId, string $otherId): bool
    {
        for ($at = $this->rig->circuits[$circuitId] ?? null; null !== $at; $at = $this->rig->circuits[$at->fedBy ?? ''] ?? null) {
            if ($at->id === $otherId) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> ids of units on it that nobody has said the power of */
    public function unknown(string $circuitId): array
    {
        return array_values(array_map(
            static fn (Unit $unit): string => $unit->id,
            array_filter($this->units($circuitId), static fn (Unit $unit): bool => null === Draw::full($unit)),
        ));
    }

    /** With everything up that hangs on it. */
    public function full(Circuit $circuit): CircuitLoad
    {
        return $this->full[$circuit->id] ??= $this->loadOf($circuit, array_sum(array_map(
            static fn (Unit $unit): float => Draw::full($unit) ?? 0.0,
            array_filter($this->units($circuit->id), static fn (Unit $unit): bool => !$unit->isOut),
        )));
    }

    /** @return array{Look, CircuitLoad}|null the look in which it takes most, the first of equal ones; null without looks */
    public function brightest(Circuit $circuit): ?array
    {
        if (\array_key_exists($circuit->id, $this->brightest)) {
            return $this->brightest[$circuit->id];
        }
        $units = array_filter($this->units($circuit->id), static fn (Unit $unit): bool => !$unit->isOut);
        $most = null;
        foreach ($this->rig->looks as $look) {
            $watts = array_sum(array_map(fn (Unit $unit): float => $this->inLook($unit, $look), $units));
            $most = null === $most || $watts > $most[1] ? [$look, $watts] : $most;
        }

        return $this->brightest[$circuit->id] = null === $most ? null : [$most[0], $this->loadOf($circuit, $most[1])];
    }

    private function inLook(Unit $unit, Look $look): float
    {
        return $this->inLooks[$look->id][$unit->id] ??= Draw::inLook($unit, $look) ?? 0.0;
    }

    /** A breaker stands four fifths of its amperes for hours; an outlet what is printed on it. */
    public function loadOf(Circuit $circuit, float $watts): CircuitLoad
    {
        $terms = $this->rig->power;

        return CircuitLoad::of(
            $watts,
            $terms->volts,
            $terms->powerFactor,
            $circuit->amps,
            $circuit->isBreaker() ? CircuitLoad::CONTINUOUS : 1.0,
        );
    }
}
