<?php

declare(strict_types=1);

namespace Rigger\Core\Playback;

use Rigger\Core\Input\InputError;

/**
 * Somebody's place at a rig: where everything stands, what is sent of it and what every lamp shows then, always of one moment.
 *
 * It has no clock: time passes by tick() alone. Commands wait for the next tick, and all of them are in its frame.
 */
final class Seat
{
    private Frame $frame;
    private Lights $lights;
    /** @var array<int, LampLight> those that changed since they were taken, by place in the patch */
    private array $changed = [];

    private function __construct(private CompiledRig $rig, private State $state)
    {
        $this->lights = new Lights($rig);
        $this->frame = new Frame([]);
        $this->tick(0.0);
    }

    /** @param State|null $state where things stood before; null for somebody who sits down anew */
    public static function take(CompiledRig $rig, ?State $state = null): self
    {
        return new self($rig, $state ?? State::start($rig));
    }

    /**
     * Commands, to be in the next frame: all of them in their order, or none.
     *
     * @throws InputError of the first that cannot be done, at its place ("commands[2].look")
     */
    public function do(Command ...$commands): void
    {
        $this->state = Commands::apply(array_values($commands), $this->state, $this->rig);
    }

    /** Everything stands as it does there, in the next frame. */
    public function stand(State $state): void
    {
        $this->state = $state;
    }

    /** @param float $seconds that pass, 0 or more, with nothing sent anew */
    public function pass(float $seconds): void
    {
        $this->state = $this->state->after($seconds);
    }

    /** @param float $seconds since the last tick, 0 or more */
    public function tick(float $seconds): Frame
    {
        $this->pass($seconds);
        $this->frame = $this->rig->frame($this->state);
        $this->changed = $this->lights->show($this->frame) + $this->changed;

        return $this->frame;
    }

    /** Another version of the rig, or another rig: whatever stands stays, and the next frame is of this one. */
    public function under(CompiledRig $rig): void
    {
        $this->rig = $rig;
        $this->lights = new Lights($rig);
        $this->changed = [];
    }

    public function rig(): CompiledRig
    {
        return $this->rig;
    }

    public function state(): State
    {
        return $this->state;
    }

    /** The last one. */
    public function frame(): Frame
    {
        return $this->frame;
    }

    /** @return list<LampLight> of the last frame, in the order of the patch */
    public function lights(): array
    {
        return $this->lights->all();
    }

    /** @return array<int, LampLight> those that changed since this was asked last, by place in the patch */
    public function takeChanged(): array
    {
        $changed = $this->changed;
        $this->changed = [];

        return $changed;
    }

    /** @return list<Lamp> what every lamp does in the last frame, and why */
    public function lamps(): array
    {
        return $this->rig->lamps($this->frame);
    }

    /** Seconds from the last tick until something moves by itself; null when nothing does. */
    public function next(): ?float
    {
        return $this->state->trial?->next($this->state->time);
    }
}
