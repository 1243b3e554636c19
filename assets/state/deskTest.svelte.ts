import { answered, api } from '../api/client';
import { wordsOf } from '../api/errors';
import type { WalkStep } from '../api/types';
import type { Faders } from './faders.svelte';

export type TestKind = 'hold' | 'blink' | 'units' | 'faders';

/** Half a blink. Once a second is well below the rates that trouble people. */
const HALF_BLINK = 500;

/** Tries a rig without a hand on the desk: a fader held or blinked, or units and faders walked one by one. */
export class DeskTest {
  readonly #rigId: string;
  readonly #faders: Faders;
  kind = $state<TestKind | null>(null);
  /** The fader that is held or blinked. */
  address = $state<number | null>(null);
  steps = $state.raw<readonly WalkStep[]>([]);
  index = $state(0);
  /** The walk goes on by itself, a step every so many seconds. */
  isRunning = $state(false);
  seconds = $state(3);
  problem = $state<string | null>(null);
  #isUp = true;
  #blink: ReturnType<typeof setInterval> | undefined;
  #walk: ReturnType<typeof setInterval> | undefined;

  readonly step = $derived(this.steps[this.index] ?? null);

  constructor(rigId: string, faders: Faders) {
    this.#rigId = rigId;
    this.#faders = faders;
  }

  /** Holds a fader up, whatever is done to the others; or blinks it. */
  try(kind: 'hold' | 'blink', address: number): void {
    this.stop();
    this.kind = kind;
    this.address = address;
    this.#isUp = true;
    this.#send();
    if (kind === 'blink') this.#beat();
  }

  async walk(kind: 'units' | 'faders'): Promise<void> {
    this.stop();
    try {
      const query = { by: kind };
      const walk = await answered(
        api.GET('/api/rigs/{rig}/desk/walk', { params: { path: { rig: this.#rigId }, query } }),
      );
      this.steps = walk.steps;
      this.problem = walk.steps.length ? null : 'No fader of this desk moves anything.';
      if (!walk.steps.length) return;
      this.kind = kind;
      this.go(0);
      this.run(true);
      if (kind === 'faders') this.#beat();
    } catch (error) {
      this.problem = wordsOf(error);
    }
  }

  go(index: number): void {
    const count = this.steps.length;
    this.index = ((index % count) + count) % count;
    this.#isUp = true;
    this.#send();
  }

  run(isRunning: boolean): void {
    clearInterval(this.#walk);
    this.isRunning = isRunning;
    if (isRunning) this.#walk = setInterval(() => this.go(this.index + 1), this.seconds * 1000);
  }

  stop(): void {
    clearInterval(this.#blink);
    clearInterval(this.#walk);
    this.isRunning = false;
    if (this.kind === null) return;
    this.kind = null;
    this.address = null;
    this.steps = [];
    this.#faders.hold({});
    this.#faders.sendInstead(null);
  }

  #beat(): void {
    this.#blink = setInterval(() => {
      this.#isUp = !this.#isUp;
      this.#send();
    }, HALF_BLINK);
  }

  #send(): void {
    const walked = this.step;
    if (this.kind === 'units' || this.kind === 'faders') {
      const slots = (walked?.slots ?? {}) as unknown as Record<string, number>;
      const isDown = !this.#isUp && walked?.address != null;
      this.#faders.sendInstead(isDown ? { ...slots, [String(walked?.address)]: 0 } : slots);
    } else if (this.address !== null) {
      this.#faders.hold({ [String(this.address)]: this.#isUp ? 255 : 0 });
    }
  }
}
