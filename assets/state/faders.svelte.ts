import { getContext, setContext } from 'svelte';
import { answered, api } from '../api/client';
import { ApiError } from '../api/errors';
import {
  askWords,
  say,
  seatPath,
  type Command,
  type Moment,
  type Said,
  type Slots,
  type Standing,
} from '../api/playback';
import type { SeatListener } from '../api/stream/hub';
import { listen } from '../api/stream/listen';
import type { Lamp, Look, Rig } from '../api/types';
import { claimWindow } from '../api/windowId';
import { above0, whole } from '../lib/values';
import { Hand } from './hand';
import { keepDesk, keptDesk, partWays, seatAlong } from './keptDesk';
import { PutByHand } from './putByHand.svelte';
import { ShownMoment } from './shownMoment.svelte';

export type { Slots, Standing } from '../api/playback';
/** Of a desk with two rows, the one that is meant. */
export type Row = 'first' | 'second';

/** Words are asked for when a hand has rested for so long. */
const REST_MS = 120;
/** So long the first moment may take to come by the stream, before it is asked for alone. */
const FIRST_MS = 400;
const KEEP_AFTER_MS = 300;
const AGAIN_MS = 60;

/**
 * The rig's simulated desk: where it stands, and what every lamp does then. All of it is worked out at a seat of the playback
 * process, which sends each moment; while that one is away, single answers stand in for it.
 */
export class Faders implements SeatListener {
  readonly #rigId: string;
  /** Names this visit: what it did is confirmed to it alone. */
  readonly #sitting = crypto.randomUUID();
  readonly #hand: Hand;
  readonly #moment: ShownMoment;
  readonly #mine = new PutByHand();
  /** The playback process does not answer: what is shown stays, and every hand is answered alone. */
  isAway = $state(false);
  /** What is sent here goes to the stand-in for the real desk too. */
  isStreaming = $state(false);
  /** The seat: this window's own, or another one's that it plays along with. */
  seat = $state<string | null>(null);
  readonly isAlong: boolean;
  readonly #isKept: boolean;
  #stream: string | null = null;
  /** Moments were made alone since the seat was left: it does not know of them. */
  #isAhead = false;
  #isAsking = false;
  #isAsked = false;
  #end: () => void = () => {};
  #rest: ReturnType<typeof setTimeout> | undefined;
  #keep: ReturnType<typeof setTimeout> | undefined;
  #first: ReturnType<typeof setTimeout> | undefined;

  /** @param seat one to play along with; null for this window's own */
  constructor(rigId: string, rig: () => Rig, seat: string | null = null) {
    this.#rigId = rigId;
    this.#moment = new ShownMoment(rig);
    this.#hand = new Hand(
      (number, commands) => say(this.#path('commands'), { window: this.#sitting, number, commands }),
      (taken) => this.#troubled(taken === 'refused'),
    );
    const along = seatAlong(rigId, seat);
    this.isAlong = along !== null;
    const kept = along === null ? keptDesk(rigId) : null;
    this.#isKept = kept !== null;
    if (kept) this.#moment.standing = kept;
    if (typeof EventSource === 'undefined') this.isAway = true;
    else void this.#sitDown(along);
  }

  get lamps(): readonly Lamp[] {
    return this.#moment.lamps;
  }

  /** What the desk sends, as the process says: value above 0 by address. */
  get sent(): Slots {
    return this.#moment.sent;
  }

  /** Where everything stands in the moment that is shown, the hand's newest not yet counted. */
  get shown(): Standing {
    return this.#moment.standing;
  }

  /** Value by address of the desk's universe; of two rows, the first. What is not named is at 0. */
  get slots(): Slots {
    return this.#row('first');
  }

  /** The look that was recalled last, as long as no fader was moved since. */
  get recalled(): string | null {
    return this.shown.recalled;
  }

  get master(): number {
    return this.#now('master', this.shown.master);
  }

  get isBlackout(): boolean {
    return this.#now('blackout', this.shown.blackout);
  }

  get crossA(): number {
    return this.#now('crossA', this.shown.crossA);
  }

  get crossB(): number {
    return this.#now('crossB', this.shown.crossB);
  }

  /** Something else than the faders is sent: a walk, or what another desk sends. */
  get isInstead(): boolean {
    const { instead, trial } = this.shown;
    return instead !== null || trial?.kind === 'units' || trial?.kind === 'faders';
  }

  value(address: number, row: Row = 'first'): number {
    const there = (row === 'first' ? this.shown.slots : this.shown.secondRow)[String(address)] ?? 0;
    return this.#now(`${row}.${address}`, there);
  }

  set(address: number, value: number, row: Row = 'first'): void {
    this.setAll([address], value, row);
  }

  /** Several at one move: a fader drives a channel of every button that is down. */
  setAll(addresses: readonly number[], value: number, row: Row = 'first'): void {
    const to = whole(value);
    for (const one of addresses) this.#put(`${row}.${one}`, to);
    this.do({ do: 'move-faders', slots: Object.fromEntries(addresses.map((one) => [String(one), to])), row });
  }

  setMaster(value: number): void {
    this.#put('master', whole(value));
    this.do({ do: 'set-master', value: whole(value) });
  }

  setCross(fader: 'crossA' | 'crossB', value: number): void {
    this.#put(fader, whole(value));
    this.do({ do: 'set-cross', fader, value: whole(value) });
  }

  toggleBlackout(): void {
    const on = !this.isBlackout;
    this.#put('blackout', on);
    this.do({ do: 'set-blackout', on });
  }

  /** Every fader of both rows to 0; master and cross faders stay. */
  clear(): void {
    for (const row of ['first', 'second'] as const)
      for (const address of Object.keys(this.#row(row))) this.#put(`${row}.${address}`, 0);
    this.do({ do: 'clear-faders' });
  }

  recall(look: Pick<Look, 'id'>): void {
    this.do({ do: 'recall-look', look: look.id });
  }

  /** Sends these values in the place of the faders; null gives the faders back. */
  sendInstead(slots: Slots | null): void {
    this.do({ do: 'send-instead', slots: slots === null ? null : { ...slots } });
  }

  /** The step of the walk that goes on, from 0. */
  get step(): number {
    return this.#now('step', this.shown.trial?.index ?? 0);
  }

  goToStep(index: number): void {
    this.#put('step', index);
    this.do({ do: 'go-to-step', index });
  }

  do(command: Command): void {
    this.#hand.do(command);
    if (this.isAway) void this.#alone();
  }

  /** Sends to the stand-in for the real desk too, and no other window does then. */
  async stream(isOn: boolean): Promise<void> {
    if ((await say(this.#path('output'), { on: isOn })) === 'taken') this.isStreaming = isOn;
  }

  /** The rig has changed. The process hears of that by itself. */
  ask(): void {
    if (this.isAway) void this.#alone();
  }

  /** The next visit of this window has a seat of its own again. */
  partWays(): void {
    partWays(this.#rigId);
  }

  leave(): void {
    for (const timer of [this.#rest, this.#keep, this.#first]) clearTimeout(timer);
    this.#save();
    this.#end();
  }

  // What the stream says.

  up(stream: string): void {
    this.#stream = stream;
    void this.#take();
  }

  away(): void {
    this.#stream = null;
    this.#troubled(false);
  }

  said(json: string): void {
    const said = JSON.parse(json) as Said;
    if ('output' in said) this.isStreaming = said.output;
    else if ('gone' in said)
      this.#moment.clear(); // The rig's frame says so.
    else this.#show(said);
  }

  async #sitDown(seat: string | null): Promise<void> {
    this.#first = setTimeout(() => this.#moment.n === 0 && void this.#alone(), FIRST_MS);
    const window = await claimWindow();
    this.seat = seat ?? window;
    this.#end = listen(this.#sitting, this.#rigId, this.seat, window, this);
  }

  async #take(): Promise<void> {
    const stream = this.#stream;
    if (stream === null) return;
    const standing = this.#moment.n > 0 || this.#isKept ? { standing: this.#whole(), changed: this.#isAhead } : {};
    const taken = await say(this.#path(), { stream, window: this.#sitting, ...standing });
    if (this.#stream !== stream) return;
    if (taken === 'taken') {
      this.#isAhead = false;
      this.isAway = false;
      this.#hand.release();
      // A process that is new drives nothing: it goes on where it was sent to.
      if (this.isStreaming) void this.stream(true);
    } else if (taken === 'away') {
      setTimeout(() => void this.#take(), AGAIN_MS);
    }
  }

  #troubled(isRefused: boolean): void {
    if (isRefused) {
      this.#mine.clear();
      return;
    }
    this.#hand.hold();
    this.isAway = true;
    if (this.#stream !== null) setTimeout(() => void this.#take(), AGAIN_MS);
  }

  #show(moment: Moment): void {
    this.#moment.show(moment);
    if (moment.standing) this.#keepLater();
    const taken = moment.taken?.[this.#sitting];
    if (taken !== undefined) this.#mine.confirm(taken);
    clearTimeout(this.#rest);
    this.#rest = setTimeout(() => void this.#askWords(), REST_MS);
  }

  async #askWords(): Promise<void> {
    const answer = await askWords(this.#path('words'));
    if (answer && !this.isAway) this.#moment.say(answer.n, answer.words);
  }

  /** A moment without the process: whatever the hand did is in it. */
  async #alone(): Promise<void> {
    this.#isAsked = true;
    if (this.#isAsking) return;
    this.#isAsking = true;
    try {
      while (this.#isAsked) {
        this.#isAsked = false;
        const commands = this.#hand.takeAll();
        const standing = this.#moment.n > 0 || this.#isKept ? { standing: this.shown } : {};
        const { next } = this.#hand;
        const answer = await answered(
          api.POST('/api/rigs/{rig}/live', { params: { path: { rig: this.#rigId } }, body: { ...standing, commands } }),
        );
        if (!this.isAway && this.#moment.n > 0) {
          // The process was there first, and has none of this.
          for (const one of commands) this.#hand.do(one);
          return;
        }
        this.#isAhead ||= commands.length > 0;
        this.#moment.answer({
          lamps: answer.lamps,
          standing: answer.standing as Partial<Standing>,
          sent: answer.sent as unknown as Slots,
        });
        this.#mine.confirm(next);
        this.#keepLater();
      }
    } catch (error) {
      if (error instanceof ApiError && error.status === 404)
        this.#moment.clear(); // The rig is gone; its frame says so.
      else this.#mine.clear(); // Refused: the hand's own goes back to what is shown.
    } finally {
      this.#isAsking = false;
    }
  }

  /** The moment that is shown with what the hand has done since, for a process that has none of it. */
  #whole(): Standing {
    return {
      ...this.shown,
      slots: this.#row('first'),
      secondRow: this.#row('second'),
      master: this.master,
      blackout: this.isBlackout,
      crossA: this.crossA,
      crossB: this.crossB,
    };
  }

  #row(row: Row): Slots {
    const slots: Record<string, number> = { ...(row === 'first' ? this.shown.slots : this.shown.secondRow) };
    for (const [key, value] of this.#mine.all()) {
      const [of, address] = key.split('.');
      if (of === row && address) slots[address] = Number(value);
    }
    return above0(slots);
  }

  #put(key: string, value: number | boolean): void {
    this.#mine.put(key, value, this.#hand.next);
  }

  #now(key: string, there: number): number;
  #now(key: string, there: boolean): boolean;
  #now(key: string, there: number | boolean): number | boolean {
    return this.#mine.value(key) ?? there;
  }

  #path(act?: string): string {
    return seatPath(this.#rigId, this.seat ?? '', act);
  }

  #keepLater(): void {
    this.#keep ??= setTimeout(() => this.#save(), KEEP_AFTER_MS);
  }

  #save(): void {
    this.#keep = undefined;
    if (this.#moment.n > 0) keepDesk(this.#rigId, this.#whole());
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
