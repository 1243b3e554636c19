import { answered, api } from '../api/client';
import { wordsOf } from '../api/errors';
import type { WalkStep } from '../api/types';
import type { Faders } from './faders.svelte';

export type TestKind = 'hold' | 'blink' | 'units' | 'faders';

/** Tries a rig without a hand on the desk: a fader held or blinked, or units and faders walked one by one. The seat does it. */
export class DeskTest {
  readonly #rigId: string;
  readonly #faders: Faders;
  steps = $state.raw<readonly WalkStep[]>([]);
  /** Seconds that each step of a walk lasts. */
  seconds = $state(3);
  problem = $state<string | null>(null);
  /** Which walk the steps are of. */
  #loaded: string | null = null;

  constructor(rigId: string, faders: Faders) {
    this.#rigId = rigId;
    this.#faders = faders;
  }

  readonly #trial = $derived.by(() => this.#faders.shown.trial);
  readonly kind = $derived<TestKind | null>(this.#trial?.kind ?? null);
  readonly isWalk = $derived(this.kind === 'units' || this.kind === 'faders');
  /** The fader that is held or blinked. */
  readonly address = $derived(this.#trial?.address ?? null);
  readonly index = $derived.by(() => (this.isWalk ? this.#faders.step : 0));
  readonly step = $derived(this.isWalk ? (this.steps[this.index] ?? null) : null);
  /** The walk goes on by itself. */
  readonly isRunning = $derived(this.#trial?.running ?? false);

  /** Holds a fader up, whatever is done to the others; or blinks it. */
  try(kind: 'hold' | 'blink', address: number): void {
    this.#faders.do({ do: 'try-fader', kind, address });
  }

  async walk(kind: 'units' | 'faders', version: number): Promise<void> {
    if (await this.load(kind, version)) this.#faders.do({ do: 'walk-desk', by: kind, seconds: this.seconds });
  }

  /**
   * Reads who comes one by one: when a walk begins, when somebody else began one, and when the rig has changed.
   *
   * @param version of the rig, for which the same walk is read once
   */
  async load(kind: 'units' | 'faders', version: number): Promise<boolean> {
    const asked = `${kind} ${version}`;
    if (asked === this.#loaded) return this.steps.length > 0;
    try {
      const query = { by: kind };
      const walk = await answered(
        api.GET('/api/rigs/{rig}/desk/walk', { params: { path: { rig: this.#rigId }, query } }),
      );
      this.steps = walk.steps;
      this.#loaded = asked;
      this.problem = walk.steps.length ? null : 'No fader of this desk moves anything.';
      return walk.steps.length > 0;
    } catch (error) {
      this.problem = wordsOf(error);
      return false;
    }
  }

  go(index: number): void {
    const count = this.steps.length;
    if (count > 0) this.#faders.goToStep(((index % count) + count) % count);
  }

  run(isRunning: boolean): void {
    this.#faders.do({ do: 'run-walk', on: isRunning, seconds: this.seconds });
  }

  stop(): void {
    if (this.kind !== null) this.#faders.do({ do: 'let-go' });
  }
}
