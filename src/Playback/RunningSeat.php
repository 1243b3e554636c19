<?php

declare(strict_types=1);

namespace Rigger\App\Playback;

use React\EventLoop\LoopInterface;
use React\EventLoop\TimerInterface;
use Rigger\Core\Playback\Command;
use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\Frame;
use Rigger\Core\Playback\Lamp;
use Rigger\Core\Playback\Pace;
use Rigger\Core\Playback\Seat;
use Rigger\Core\Playback\State;

/** A seat in time: it makes a frame when somebody did something, when something moves by itself, or when the rig is another. */
final class RunningSeat
{
    private Pace $pace;
    private FrameMessage $message;
    private float $ticked;
    /** Which moment is shown. */
    private int $n = 0;
    private ?TimerInterface $frameTimer = null;
    private ?TimerInterface $ownTimer = null;
    /** @var array<string, Stream> by window */
    private array $windows = [];
    /** @var array<string, int> number of the last commands that were taken, by window */
    private array $taken = [];
    /** @var array<string, int> those that no message has told yet */
    private array $untold = [];
    /** @var array<string, true> streams that have missed something and need the whole */
    private array $behind = [];
    private float $leftAt;
    /** @var (\Closure(Frame): void)|null whoever takes what it sends out into the world */
    private ?\Closure $output = null;

    public function __construct(
        public readonly string $id,
        public readonly string $rigId,
        private readonly Seat $seat,
        private readonly LoopInterface $loop,
        private readonly Clock $clock,
    ) {
        $this->pace = new Pace();
        $this->message = new FrameMessage();
        // Who comes is told the whole, so what differs counts from here.
        $this->message->next($id, 0, $seat, []);
        $this->ticked = $this->leftAt = $clock->now();
    }

    /** A window sits down, or is back: it is told everything once. */
    public function join(string $window, Stream $stream): void
    {
        $isFirst = [] === $this->windows;
        ($this->windows[$window] ?? null)?->forget($this->id.$window);
        $this->windows[$window] = $stream;
        $stream->listen($this->id.$window, fn () => $this->catchUp($stream), fn () => $this->leave($window));
        if ($isFirst) {
            // What went by itself meanwhile went unseen.
            $this->seat->tick($this->passed());
            $this->message->next($this->id, ++$this->n, $this->seat, []);
            $this->wake();
        }
        $this->tellWhole($stream);
    }

    public function leave(string $window): void
    {
        if (!isset($this->windows[$window])) {
            return;
        }
        $this->windows[$window]->forget($this->id.$window);
        unset($this->windows[$window], $this->taken[$window], $this->untold[$window]);
        $this->behind = array_intersect_key($this->behind, $this->streams());
        if ([] === $this->windows) {
            $this->leftAt = $this->clock->now();
            $this->sleep();
        }
    }

    /**
     * @param int           $number   counts a window's requests: one that a later one has overtaken says nothing new
     * @param list<Command> $commands
     */
    public function do(string $window, int $number, array $commands): void
    {
        if ($number <= ($this->taken[$window] ?? 0)) {
            return;
        }
        $this->seat->pass($this->passed());
        $this->seat->do(...$commands);
        $this->taken[$window] = $this->untold[$window] = $number;
        $this->ask();
    }

    /** A window went on alone while it could not be heard: everything stands as it says. */
    public function stand(State $state): void
    {
        $this->seat->pass($this->passed());
        $this->seat->stand($state);
        $this->ask();
    }

    public function under(CompiledRig $rig): void
    {
        $this->seat->pass($this->passed());
        $this->seat->under($rig);
        $this->behind = array_fill_keys(array_keys($this->streams()), true);
        $this->ask();
    }

    public function hasWindows(): bool
    {
        return [] !== $this->windows;
    }

    public function windowCount(): int
    {
        return \count($this->windows);
    }

    /** Seconds for which nobody has sat here. */
    public function emptyFor(): float
    {
        return [] === $this->windows ? $this->clock->now() - $this->leftAt : 0.0;
    }

    /** @return array{int, list<Lamp>} which moment, and what every lamp does in it and why */
    public function moment(): array
    {
        return [$this->n, $this->seat->lamps()];
    }

    /** @param (\Closure(Frame): void)|null $output null when somebody else has it now */
    public function drive(?\Closure $output): void
    {
        $this->output = $output;
        if (null !== $output) {
            $output($this->seat->frame());
        }
        foreach ($this->streams() as $stream) {
            $this->tell($stream, \sprintf('{"seat":"%s","output":%s}', $this->id, null === $output ? 'false' : 'true'));
        }
    }

    public function isDriving(): bool
    {
        return null !== $this->output;
    }

    /** The rig is gone: whoever sits here is told, and nothing moves any more. */
    public function end(): void
    {
        foreach ($this->streams() as $stream) {
            $this->tell($stream, \sprintf('{"seat":"%s","gone":true}', $this->id));
        }
        foreach ($this->windows as $window => $stream) {
            $stream->forget($this->id.$window);
        }
        $this->windows = [];
        $this->output = null;
        $this->sleep();
    }

    /** A frame at once after some quiet, else as soon as one may go. */
    private function ask(): void
    {
        if (null !== $this->frameTimer) {
            return;
        }
        $now = $this->clock->now();
        $due = $this->pace->due($now);
        if ($due <= $now) {
            $this->show($due);
        } else {
            $this->frameTimer = $this->loop->addTimer($due - $now, fn () => $this->show($due));
        }
    }

    private function show(float $due): void
    {
        $this->frameTimer = null;
        $this->pace = $this->pace->went($due);
        $frame = $this->seat->tick($this->passed());
        ++$this->n;
        $message = $this->message->next($this->id, $this->n, $this->seat, $this->untold);
        $this->untold = [];
        foreach ($this->streams() as $id => $stream) {
            isset($this->behind[$id]) ? $this->tellWhole($stream) : $this->tell($stream, $message);
        }
        if (null !== $this->output) {
            ($this->output)($frame);
        }
        $this->wake();
    }

    /** Seconds since this was asked last. */
    private function passed(): float
    {
        $before = $this->ticked;
        $this->ticked = $this->clock->now();

        return $this->ticked - $before;
    }

    /** Sets the clock for what moves by itself, while somebody looks or something hears it. */
    private function wake(): void
    {
        if (null !== $this->ownTimer) {
            $this->loop->cancelTimer($this->ownTimer);
        }
        $this->ownTimer = null;
        $next = [] === $this->windows && null === $this->output ? null : $this->seat->next();
        if (null !== $next) {
            $wait = max(0.0, $this->ticked + $next - $this->clock->now());
            $this->ownTimer = $this->loop->addTimer($wait, $this->ask(...));
        }
    }

    private function sleep(): void
    {
        $this->wake();
        if ([] === $this->windows && null !== $this->frameTimer && null === $this->output) {
            $this->loop->cancelTimer($this->frameTimer);
            $this->frameTimer = null;
        }
    }

    private function catchUp(Stream $stream): void
    {
        if (isset($this->behind[$stream->id])) {
            $this->tellWhole($stream);
        }
    }

    private function tellWhole(Stream $stream): void
    {
        unset($this->behind[$stream->id]);
        $this->tell($stream, FrameMessage::whole($this->id, $this->n, $this->seat, $this->taken));
        if ($this->isDriving()) {
            $this->tell($stream, \sprintf('{"seat":"%s","output":true}', $this->id));
        }
    }

    /** @return array<string, Stream> of its windows, by id: a browser that has several tells them itself */
    private function streams(): array
    {
        $streams = [];
        foreach ($this->windows as $stream) {
            $streams[$stream->id] = $stream;
        }

        return $streams;
    }

    private function tell(Stream $stream, string $message): void
    {
        if (!$stream->send($message)) {
            $this->behind[$stream->id] = true;
        }
    }
}
