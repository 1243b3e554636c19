import { getContext, setContext } from 'svelte';
import { answered, api } from '../api/client';
import type { Lamp, Look, Rig } from '../api/types';
import { slotsOf } from '../lib/slots';

export type Slots = Readonly<Record<string, number>>;
/** Of a desk with two rows, the one that is meant. */
export type Row = 'first' | 'second';

/** Where everything on the desk stands; values are 0 to 255. */
type Standing = {
  slots: Slots;
  secondRow: Slots;
  master: number;
  blackout: boolean;
  crossA: number;
  crossB: number;
};

const AT_REST: Standing = { slots: {}, secondRow: {}, master: 255, blackout: false, crossA: 255, crossB: 0 };

/**
 * The rig's simulated desk: where it stands, and what every lamp does then. The server works out what is sent and what the
 * lamps make of it: one request is in flight at a time, and the newest values go next.
 */
export class Faders {
  readonly #rigId: string;
  readonly #rig: () => Rig;
  #standing = $state.raw<Standing>(AT_REST);
  lamps = $state.raw<readonly Lamp[]>([]);
  /** What the desk sends, as the server says: value above 0 by address. */
  sent = $state.raw<Slots>({});
  /** The look that was recalled last, as long as no fader was moved since. */
  recalled = $state<string | null>(null);
  /** Values go to the stand-in for the real desk too, which streams them to other windows. */
  isStreaming = $state(false);
  /** The stand-in did not take what was streamed last. */
  standInAway = $state(false);
  /** What is sent in the place of the faders while something is tried, or another window is followed. */
  #instead = $state.raw<Slots | null>(null);
  /** Faders that are held where they are not: value by address. */
  #held: Slots = {};
  #inFlight = false;
  #asked = false;

  constructor(rigId: string, rig: () => Rig) {
    this.#rigId = rigId;
    this.#rig = rig;
    const kept = localStorage.getItem(this.#key);
    if (kept) this.#standing = { ...AT_REST, ...(JSON.parse(kept) as Partial<Standing>) };
    else {
      const first = rig().looks[0];
      if (first) this.#apply(first);
    }
  }

  /** Value by address of the desk's universe; of two rows, the first. What is not named is at 0. */
  get slots(): Slots {
    return this.#standing.slots;
  }

  get master(): number {
    return this.#standing.master;
  }

  get isBlackout(): boolean {
    return this.#standing.blackout;
  }

  get crossA(): number {
    return this.#standing.crossA;
  }

  get crossB(): number {
    return this.#standing.crossB;
  }

  /** Something else than the faders is sent: a walk, or what another window's desk sends. */
  get isInstead(): boolean {
    return this.#instead !== null;
  }

  value(address: number, row: Row = 'first'): number {
    return (row === 'first' ? this.#standing.slots : this.#standing.secondRow)[String(address)] ?? 0;
  }

  set(address: number, value: number, row: Row = 'first'): void {
    this.setAll([address], value, row);
  }

  /** Several at one move: a fader drives a channel of every button that is down. */
  setAll(addresses: readonly number[], value: number, row: Row = 'first'): void {
    const moved = Object.fromEntries(addresses.map((one) => [String(one), whole(value)]));
    const member = row === 'first' ? 'slots' : 'secondRow';
    this.recalled = null;
    this.#move({ [member]: { ...this.#standing[member], ...moved } });
  }

  setMaster(value: number): void {
    this.#move({ master: whole(value) });
  }

  setCross(fader: 'crossA' | 'crossB', value: number): void {
    this.#move({ [fader]: whole(value) });
  }

  toggleBlackout(): void {
    this.#move({ blackout: !this.#standing.blackout });
  }

  /** Every fader of both rows to 0; master and cross faders stay. */
  clear(): void {
    this.recalled = null;
    this.#move({ slots: {}, secondRow: {} });
  }

  recall(look: Look): void {
    this.#apply(look);
    this.#move({});
  }

  /** Sends these values in the place of the faders; null gives the faders back. */
  sendInstead(slots: Slots | null): void {
    this.#instead = slots;
    void this.ask();
  }

  /** Holds faders at these values, whatever the hand does; master and blackout still stand over them. */
  hold(held: Slots): void {
    this.#held = held;
    void this.ask();
  }

  stream(isOn: boolean): void {
    this.isStreaming = isOn;
    this.standInAway = false;
    void this.ask();
  }

  /** Asks what the lamps do; called when something moves and when the rig has changed. */
  async ask(): Promise<void> {
    this.#asked = true;
    if (this.#inFlight) return;
    this.#inFlight = true;
    try {
      while (this.#asked) {
        this.#asked = false;
        const answer = await answered(
          api.POST('/api/rigs/{rig}/live', { params: { path: { rig: this.#rigId } }, body: this.#body() }),
        );
        this.lamps = answer.lamps;
        this.sent = answer.sent as unknown as Slots;
        this.standInAway = answer.streamed === false;
      }
    } catch {
      this.lamps = []; // The rig is gone; its frame says so.
    } finally {
      this.#inFlight = false;
    }
  }

  #body() {
    const stream = this.isStreaming ? { stream: true } : {};
    const { slots, secondRow, ...desk } = this.#standing;
    const first = { ...slots, ...this.#held };
    if (this.#instead) return { slots: { ...this.#instead }, ...stream };
    if (!this.#rig().desk) return { slots: first, ...stream };
    return { desk: { ...desk, slots: first, secondRow: { ...secondRow, ...this.#held } }, ...stream };
  }

  #apply(look: Look): void {
    this.#standing = { ...this.#standing, slots: { ...this.#standing.slots, ...slotsOf(look, this.#rig()) } };
    this.recalled = look.id;
  }

  #move(change: Partial<Standing>): void {
    this.#standing = { ...this.#standing, ...change };
    localStorage.setItem(this.#key, JSON.stringify(this.#standing));
    void this.ask();
  }

  get #key(): string {
    return `rigger.desk.${this.#rigId}`;
  }
}

const whole = (value: number) => Math.min(255, Math.max(0, Math.round(value)));

const KEY = Symbol('faders');

export function provideFaders(faders: () => Faders): void {
  setContext(KEY, faders);
}

export function useFaders(): Faders {
  const faders = getContext<(() => Faders) | undefined>(KEY);
  if (!faders) throw new Error('useFaders needs a RigFrame around it.');
  return faders();
}
