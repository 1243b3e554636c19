<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio\Bench;

use Rigger\Core\Line\Radio\Kit;
use Rigger\Core\Line\Radio\KitAct;
use Rigger\Core\Line\Radio\KitCurve;
use Rigger\Core\Line\Radio\LampSign;
use Rigger\Core\Line\Radio\LampState;
use Rigger\Core\Text\Figure;

/**
 * A kit on the bench: senders and receivers that behave as its description says, with a clock that is passed in. Nothing is random, and
 * the same moves at the same times end the same.
 */
final readonly class Bench
{
    /** So long after the last press nobody presses once more. */
    public const QUIET = 1.0;
    /** A hand that stays longer than that means to hold. */
    private const LONG = 0.5;
    /** So long a receiver shows that it was cleared. */
    private const CLEARED = 2.0;
    private const NEAR = 1e-9;

    /**
     * @param array<string, BenchDevice> $devices by id
     * @param list<string>               $said    what went wrong, or happened, in the operator's words
     * @param array<int, int>            $faders  levels of the desk's faders that are up, by address
     */
    private function __construct(
        public Kit $kit,
        public array $devices,
        public float $now,
        public array $said,
        public array $faders = [],
    ) {
    }

    /** @param list<BenchDevice> $devices */
    public static function of(Kit $kit, array $devices): self
    {
        return new self($kit, array_column($devices, null, 'id'), 0.0, []);
    }

    /**
     * @param list<Move> $moves in the order of their times
     *
     * @throws \DomainException for a move of a device that is not there, or back in time
     */
    public function after(array $moves, float $now): self
    {
        $bench = $this;
        foreach ($moves as $move) {
            $bench = $bench->at($move->at)->hand($move);
        }

        return $bench->at($now);
    }

    /** The clock goes on: presses after which nobody pressed again are understood. */
    public function at(float $now): self
    {
        if ($now < $this->now - self::NEAR) {
            throw new \DomainException('On the bench time goes on, never back.');
        }
        $bench = $this;
        foreach ($this->devices as $device) {
            if ($device->presses > 0 && $device->pressAt + self::QUIET <= $now + self::NEAR) {
                $bench = $bench->understood($device, $device->pressAt + self::QUIET);
            }
        }

        return new self($bench->kit, $bench->devices, $now, $bench->said, $bench->faders);
    }

    /** When something changes by itself next; null when nothing will. */
    public function next(): ?float
    {
        $times = [];
        foreach ($this->devices as $device) {
            if ($device->presses > 0) {
                $times[] = $device->pressAt + self::QUIET;
            }
            $hold = null === $device->held ? null : $this->holdOf($device, $device->held)?->hold;
            if (null !== $hold) {
                $times[] = $device->heldAt + $hold;
            }
            if (null !== $device->clearedAt) {
                $times[] = $device->clearedAt + self::CLEARED;
            }
        }
        $times = array_filter($times, fn (float $time): bool => $time > $this->now + self::NEAR);

        return [] === $times ? null : min($times);
    }

    public function lamp(BenchDevice $device): LampState
    {
        return match (true) {
            !$device->isOn() => LampState::Off,
            $device->isFlat && null !== $this->kit->receiver->sign(LampState::LowBattery) => LampState::LowBattery,
            $this->isPairing($device) => LampState::Pairing,
            $device->isSender => [] === $this->hearersOf($device) ? LampState::Alone : LampState::Linked,
            null !== $device->clearedAt && $this->now < $device->clearedAt + self::CLEARED - self::NEAR => LampState::Cleared,
            default => [] === $this->heardBy($device) ? LampState::Searching : LampState::Linked,
        };
    }

    /** What its lamp shows; null where the leaflet does not say, or it is off. */
    public function sign(BenchDevice $device): ?LampSign
    {
        $of = $device->isSender ? $this->kit->sender : $this->kit->receiver;

        return $of->sign($this->lamp($device));
    }

    /** @return list<BenchDevice> senders that a receiver hears: more than one is a fight */
    public function heardBy(BenchDevice $receiver): array
    {
        if ($receiver->isSender || !$receiver->isOn() || $receiver->forgot || $receiver->isSpoilt || $receiver->isFar) {
            return [];
        }

        return array_values(array_filter(
            $this->devices,
            static fn (BenchDevice $one): bool => $one->isSender && $one->isOn() && !$one->isFar && $one->values === $receiver->values,
        ));
    }

    /** @return list<BenchDevice> */
    private function hearersOf(BenchDevice $sender): array
    {
        return array_values(array_filter(
            $this->devices,
            fn (BenchDevice $one): bool => \in_array($sender, $this->heardBy($one), true),
        ));
    }

    private function isPairing(BenchDevice $device): bool
    {
        if ($device->isSender) {
            return null !== $this->kit->sender->sign(LampState::Pairing) && [] !== array_filter(
                $this->devices,
                fn (BenchDevice $one): bool => !$one->isSender && $this->isPairing($one),
            );
        }
        $pair = $this->kit->pair;

        return null !== $device->held && null !== $pair?->hold && $pair->button === $device->held
            && $this->now >= $device->heldAt + $pair->hold - self::NEAR && $this->isInTime($device, $pair, $device->heldAt + $pair->hold);
    }

    private function hand(Move $move): self
    {
        if ('raise' === $move->kind) {
            return $this->raised($move->address ?? 0, $move->level ?? 0);
        }
        $device = $this->devices[$move->device] ?? throw new \DomainException('There is no such device on the bench.');

        return match ($move->kind) {
            'on' => $device->isOn() ? $this : $this->put($device->with(['onAt' => $move->at, 'isSpoilt' => false, 'presses' => 0])),
            'off' => $this->put($device->with([
                'onAt' => null, 'held' => null, 'presses' => 0, 'isSpoilt' => false, 'clearedAt' => null,
            ])),
            'press' => $this->press($device, $move->button ?? '', $move->at),
            default => $this->letGo($device, $move->at),
        };
    }

    private function press(BenchDevice $device, string $button, float $at): self
    {
        $of = $device->isSender ? $this->kit->sender : $this->kit->receiver;
        $isThere = null !== $of->button($button) || !$device->isSender && null !== Move::outputOf($this->kit, $button);
        if (!$device->isOn() || $device->isSpoilt || !$isThere) {
            return $this;
        }
        if ($at - (float) $device->onAt < $this->kit->handsOff - self::NEAR) {
            return $this->put($device->with(['isSpoilt' => true]))->saying(\sprintf(
                'Too early: hands off %s for the first %s s. Switch it off and on again.',
                $device->name,
                self::short($this->kit->handsOff),
            ));
        }
        // Presses of another button before say nothing of this one's.
        $bench = $device->presses > 0 && $device->pressed !== $button ? $this->understood($device, $at) : $this;

        return $bench->put($bench->devices[$device->id]->with(['held' => $button, 'heldAt' => $at]));
    }

    private function letGo(BenchDevice $device, float $at): self
    {
        $button = $device->held;
        if (null === $button) {
            return $this;
        }
        $bench = $this->put($device->with(['held' => null]));
        $device = $bench->devices[$device->id];
        $held = $at - $device->heldAt;
        $act = $this->holdOf($device, $button);
        if (null !== $act && null !== $act->hold) {
            if ($held >= $act->hold - self::NEAR) {
                return $this->isInTime($device, $act, $device->heldAt + $act->hold)
                    ? $bench->done($device, $act, $at)
                    : $bench->saying($this->tooLate($device, $act, $device->heldAt + $act->hold));
            }
            if ($held >= self::LONG) {
                $bench = $bench->saying(\sprintf('Let go too soon: %s s instead of %s s.', self::short($held), self::short($act->hold)));
            }
        }
        if (null !== Move::outputOf($this->kit, $button)) {
            return $bench->put($device->with(['pressed' => $button, 'presses' => $device->presses + 1, 'pressAt' => $at]));
        }
        $counted = $this->countedOf($device, $button);
        if ([] === $counted) {
            return $bench->stepped($device, $button, 1);
        }
        $inTime = array_filter($counted, fn (KitAct $one): bool => $this->isInTime($device, $one, $at));

        return [] === $inTime
            ? $bench->stepped($device, $button, 1)->saying($this->tooLate($device, $counted[0], $at))
            : $bench->put($device->with(['pressed' => $button, 'presses' => $device->presses + 1, 'pressAt' => $at]));
    }

    /** So many presses, and nobody pressed again. */
    private function understood(BenchDevice $device, float $at): self
    {
        $count = $device->presses;
        $bench = $this->put($device->with(['presses' => 0]));
        $device = $bench->devices[$device->id];
        $output = Move::outputOf($this->kit, $device->pressed);
        if (null !== $output) {
            return $bench->given($device, $output, $count);
        }
        $counted = $this->countedOf($device, $device->pressed);
        foreach ($counted as $act) {
            if ($act->presses === $count) {
                return $bench->done($device, $act, $at);
            }
        }

        return $bench->stepped($device, $device->pressed, $count)->saying(\sprintf(
            '%d %s of %s: %s.',
            $count,
            1 === $count ? 'press' : 'presses',
            $device->pressed,
            implode(', ', array_map(
                fn (KitAct $act): string => \sprintf('to %s it takes %d', $act === $this->kit->pair ? 'pair' : 'clear', $act->presses ?? 0),
                $counted,
            )),
        ));
    }

    private function done(BenchDevice $device, KitAct $act, float $at): self
    {
        if ($act !== $this->kit->pair) {
            return $this->put($device->with(['forgot' => true, 'clearedAt' => $at]))->saying($device->name.' has forgotten its sender.');
        }
        $senders = array_values(array_filter(
            $this->devices,
            static fn (BenchDevice $one): bool => $one->isSender && $one->isOn() && !$one->isFar,
        ));
        if ([] === $senders || $device->isFar) {
            return $this->saying([] === $senders ? 'Nobody sends: switch the sender on first.' : \sprintf(
                '%s is too far from its sender.',
                $device->name,
            ));
        }
        $paired = $this->put($device->with(['values' => $senders[0]->values, 'forgot' => false]));

        return $paired->saying(\sprintf(
            '%s listens to %s on %s now.%s',
            $device->name,
            $senders[0]->name,
            $this->kit->joined($senders[0]->values),
            \count($senders) > 1 ? ' Two senders are on: it took the first that it heard.' : '',
        ));
    }

    private function raised(int $address, int $level): self
    {
        $faders = array_filter([$address => $level] + $this->faders, static fn (int $one): bool => $one > 0);
        ksort($faders);

        return new self($this->kit, $this->devices, $this->now, $this->said, $faders);
    }

    /** An output takes the address of the fader that is up, and the curve of its level. */
    private function given(BenchDevice $device, int $output, int $presses): self
    {
        if ($presses !== $this->kit->assign) {
            return $this->saying(\sprintf(
                '%d %s of output %d: it takes %d.',
                $presses,
                1 === $presses ? 'press' : 'presses',
                $output,
                $this->kit->assign ?? 0,
            ));
        }
        if ([] === $this->heardBy($device)) {
            return $this->saying(\sprintf('%s hears no sender: pair it first, then give it its outputs.', $device->name));
        }
        $address = array_key_first($this->faders);
        if (null === $address) {
            return $this->saying(\sprintf('No fader is up: output %d takes the address of the one that is raised.', $output));
        }
        $level = $this->faders[$address];
        $curve = array_values(array_filter(
            $this->kit->curves,
            static fn (KitCurve $one): bool => $level >= $one->from && $level <= $one->to,
        ))[0]->curve ?? null;

        return $this->put($device->with(['given' => [$output => [$address, $curve]] + $device->given]))->saying(\sprintf(
            'Output %d of %s listens at %03d%s.%s',
            $output,
            $device->name,
            $address,
            null === $curve ? '' : \sprintf(', curve %s by the level %d', $curve, $level),
            \count($this->faders) > 1 ? \sprintf(' %d faders are up: it took the lowest.', \count($this->faders)) : '',
        ));
    }

    /**
     * What an output gives.
     *
     * @return int 0 to 255: the fader at its address, where it has one and the receiver hears its sender
     */
    public function level(BenchDevice $receiver, int $output): int
    {
        $address = $receiver->given[$output][0] ?? null;

        return null === $address || [] === $this->heardBy($receiver) ? 0 : $this->faders[$address] ?? 0;
    }

    private function stepped(BenchDevice $device, string $button, int $times): self
    {
        $of = $device->isSender ? $this->kit->sender : $this->kit->receiver;
        $part = $of->button($button)?->steps;
        if (null === $part || !isset($this->kit->parts[$part], $device->values[$part])) {
            return $this;
        }
        $values = $device->values;
        for ($time = 0; $time < $times; ++$time) {
            $values[$part] = $this->kit->parts[$part]->next($values[$part]);
        }

        return $this->put($device->with(['values' => array_values($values), 'forgot' => false]));
    }

    /** What holding a button of a receiver does. */
    private function holdOf(BenchDevice $device, string $button): ?KitAct
    {
        foreach ($device->isSender ? [] : [$this->kit->pair, $this->kit->clear] as $act) {
            if (null !== $act?->hold && $act->button === $button) {
                return $act;
            }
        }

        return null;
    }

    /** @return list<KitAct> what counted presses of a button of a receiver do */
    private function countedOf(BenchDevice $device, string $button): array
    {
        return array_values(array_filter(
            $device->isSender ? [] : [$this->kit->pair, $this->kit->clear],
            static fn (?KitAct $act): bool => null !== $act?->presses && $act->button === $button,
        ));
    }

    private function isInTime(BenchDevice $device, KitAct $act, float $at): bool
    {
        return null === $act->within || $at - (float) $device->onAt <= $act->within + self::NEAR;
    }

    private function tooLate(BenchDevice $device, KitAct $act, float $at): string
    {
        return \sprintf(
            'Too late: %s s after switching on, and %s s are given. Switch %s off and on again.',
            self::short($at - (float) $device->onAt),
            self::short((float) $act->within),
            $device->name,
        );
    }

    private function put(BenchDevice $device): self
    {
        return new self($this->kit, array_replace($this->devices, [$device->id => $device]), $this->now, $this->said, $this->faders);
    }

    private function saying(string $words): self
    {
        return new self($this->kit, $this->devices, $this->now, [...$this->said, $words], $this->faders);
    }

    private static function short(float $seconds): string
    {
        return Figure::short($seconds, 1);
    }
}
