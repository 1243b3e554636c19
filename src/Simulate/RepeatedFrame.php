<?php

declare(strict_types=1);

namespace Rigger\App\Simulate;

use React\EventLoop\LoopInterface;
use React\EventLoop\TimerInterface;
use Rigger\App\Playback\Clock;
use Rigger\Core\Playback\Pace;

/** What a desk sends now: another at once or as soon as one may go, and the same again after a while of quiet. */
final class RepeatedFrame
{
    private Pace $pace;
    private int $seq = 0;
    private string $slots = '{}';
    /** What is to go waits for its moment. */
    private bool $isAsked = false;
    private ?TimerInterface $timer = null;

    /** @param \Closure(): void $send */
    public function __construct(
        private readonly LoopInterface $loop,
        private readonly Clock $clock,
        private readonly float $repeatSeconds,
        private readonly \Closure $send,
    ) {
        $this->pace = new Pace();
    }

    /** @param string $slots JSON object of values by address */
    public function put(string $slots): void
    {
        ++$this->seq;
        $this->slots = $slots;
        if (!$this->isAsked) {
            $this->isAsked = true;
            $this->at($this->pace->due($this->clock->now()));
        }
    }

    public function event(): string
    {
        return \sprintf("data: {\"seq\":%d,\"slots\":%s}\n\n", $this->seq, $this->slots);
    }

    public function end(): void
    {
        if (null !== $this->timer) {
            $this->loop->cancelTimer($this->timer);
        }
    }

    /** Only one moment is waited for at a time: the one before is given up. */
    private function at(float $due): void
    {
        $this->end();
        $wait = $due - $this->clock->now();
        if ($wait <= 0.0) {
            $this->go($due);
        } else {
            $this->timer = $this->loop->addTimer($wait, fn () => $this->go($due));
        }
    }

    private function go(float $due): void
    {
        $this->timer = null;
        $this->isAsked = false;
        $this->pace = $this->pace->went($due);
        ($this->send)();
        $again = $this->pace->idle($this->repeatSeconds);
        if (null !== $again) {
            $this->at(max($again, $this->clock->now() + Pace::GAP));
        }
    }
}
