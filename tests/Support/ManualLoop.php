<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Support;

use React\EventLoop\LoopInterface;
use React\EventLoop\Timer\Timer;
use React\EventLoop\TimerInterface;
use Rigger\App\Playback\Clock;

/** A loop whose time passes when a test says so, and the clock that shows it. */
final class ManualLoop extends Clock implements LoopInterface
{
    private float $now = 1000.0;
    /** @var array<int, array{float, TimerInterface}> by object id */
    private array $timers = [];

    public function now(): float
    {
        return $this->now;
    }

    /** Everything that falls due meanwhile happens at its moment. */
    public function pass(float $seconds): void
    {
        $until = $this->now + $seconds;
        while (true) {
            $next = null;
            foreach ($this->timers as $id => [$at]) {
                if ($at <= $until + 1e-9 && (null === $next || $at < $this->timers[$next][0])) {
                    $next = $id;
                }
            }
            if (null === $next) {
                break;
            }
            [$at, $timer] = $this->timers[$next];
            $this->now = max($this->now, $at);
            if ($timer->isPeriodic()) {
                $this->timers[$next][0] = $at + $timer->getInterval();
            } else {
                unset($this->timers[$next]);
            }
            ($timer->getCallback())($timer);
        }
        $this->now = $until;
    }

    public function addTimer($interval, $callback): TimerInterface
    {
        return $this->add(new Timer($interval, $callback, false));
    }

    public function addPeriodicTimer($interval, $callback): TimerInterface
    {
        return $this->add(new Timer($interval, $callback, true));
    }

    private function add(TimerInterface $timer): TimerInterface
    {
        $this->timers[spl_object_id($timer)] = [$this->now + $timer->getInterval(), $timer];

        return $timer;
    }

    public function cancelTimer(TimerInterface $timer): void
    {
        unset($this->timers[spl_object_id($timer)]);
    }

    public function addReadStream($stream, $listener): void
    {
    }

    public function addWriteStream($stream, $listener): void
    {
    }

    public function removeReadStream($stream): void
    {
    }

    public function removeWriteStream($stream): void
    {
    }

    public function futureTick($listener): void
    {
        $listener();
    }

    public function addSignal($signal, $listener): void
    {
    }

    public function removeSignal($signal, $listener): void
    {
    }

    public function run(): void
    {
    }

    public function stop(): void
    {
    }
}
