import { getContext, setContext } from 'svelte';
import { answered, api } from '../api/client';
import type { Lamp, Look, Rig } from '../api/types';
import { slotsOf } from '../lib/slots';

/**
 * Where the desk's faders stand, and what every lamp does there. The server works the lamps out: one request is in
 * flight at a time, and the newest values go next.
 */
export class Faders {
  readonly #rigId: string;
  readonly #rig: () => Rig;
  /** Value by address of the desk's universe; what is not named is at 0. */
  slots = $state.raw<Readonly<Record<string, number>>>({});
  lamps = $state.raw<readonly Lamp[]>([]);
  /** The look that was recalled last, as long as no fader was moved since. */
  recalled = $state<string | null>(null);
  #inFlight = false;
  #asked = false;

  constructor(rigId: string, rig: () => Rig) {
    this.#rigId = rigId;
    this.#rig = rig;
    const kept = localStorage.getItem(this.#key);
    if (kept) this.slots = JSON.parse(kept) as Record<string, number>;
    else {
      const first = rig().looks[0];
      if (first) this.#apply(first);
    }
  }

  value(address: number): number {
    return this.slots[String(address)] ?? 0;
  }

  set(address: number, value: number): void {
    this.slots = { ...this.slots, [String(address)]: Math.min(255, Math.max(0, Math.round(value))) };
    this.recalled = null;
    this.#changed();
  }

  clear(): void {
    this.slots = {};
    this.recalled = null;
    this.#changed();
  }

  recall(look: Look): void {
    this.#apply(look);
    this.#changed();
  }

  /** Asks what the lamps do; called when faders move and when the rig has changed. */
  async ask(): Promise<void> {
    this.#asked = true;
    if (this.#inFlight) return;
    this.#inFlight = true;
    try {
      while (this.#asked) {
        this.#asked = false;
        const answer = await answered(
          api.POST('/api/rigs/{rig}/live', {
            params: { path: { rig: this.#rigId } },
            body: { slots: this.slots as Record<string, number> },
          }),
        );
        this.lamps = answer.lamps;
      }
    } catch {
      this.lamps = []; // The rig is gone; its frame says so.
    } finally {
      this.#inFlight = false;
    }
  }

  #apply(look: Look): void {
    this.slots = { ...this.slots, ...slotsOf(look, this.#rig()) };
    this.recalled = look.id;
  }

  #changed(): void {
    localStorage.setItem(this.#key, JSON.stringify(this.slots));
    void this.ask();
  }

  get #key(): string {
    return `rigger.faders.${this.#rigId}`;
  }
}

const KEY = Symbol('faders');

export function provideFaders(faders: () => Faders): void {
  setContext(KEY, faders);
}

export function useFaders(): Faders {
  const faders = getContext<(() => Faders) | undefined>(KEY);
  if (!faders) throw new Error('useFaders needs a RigFrame around it.');
  return faders();
}
