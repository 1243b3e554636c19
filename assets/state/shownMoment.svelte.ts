import { AT_REST, type Moment, type Slots, type Standing } from '../api/playback';
import type { Lamp, Rig } from '../api/types';
import { above0 } from '../lib/values';
import { ShownLamp } from './shownLamp.svelte';

/** The moment that is shown: where everything stands, what is sent, what every lamp does and why are of one. */
export class ShownMoment {
  readonly #names: () => Readonly<Record<string, string>>;
  /** Counts moments; 0 before the first. */
  n = 0;
  standing = $state.raw<Standing>(AT_REST);
  /** Value above 0 by address. */
  sent = $state.raw<Slots>({});
  #lamps = $state.raw<readonly ShownLamp[]>([]);
  /** The reasons of the dark lamps are those of this moment. */
  #isSaid = $state(false);

  constructor(rig: () => Rig) {
    const names = $derived(Object.fromEntries(rig().units.map((one) => [one.id, one.name])));
    this.#names = () => names;
  }

  get lamps(): readonly Lamp[] {
    return this.#lamps;
  }

  /** The next moment, or a whole one in its place. */
  show(moment: Moment): void {
    if (moment.whole) this.#hang(moment.units ?? []);
    this.n = moment.n;
    this.#isSaid = false;
    for (const row of moment.lamps) this.#lamps[row[0]]?.light(row);
    if (moment.standing) {
      const { slots, secondRow, ...rest } = moment.standing;
      const before = moment.whole ? AT_REST : this.standing;
      this.standing = {
        ...before,
        ...rest,
        slots: slots ? { ...before.slots, ...slots } : before.slots,
        secondRow: secondRow ? { ...before.secondRow, ...secondRow } : before.secondRow,
      };
    }
    if (moment.sent) this.sent = above0(moment.whole ? moment.sent : { ...this.sent, ...moment.sent });
  }

  /** A moment that was asked for alone, with its reasons. */
  answer(answer: { lamps: readonly Lamp[]; standing: Partial<Standing>; sent: Slots }): void {
    this.#hang(answer.lamps.map((one) => one.unitId));
    this.n = Math.max(1, this.n);
    answer.lamps.forEach((lamp, place) => this.#lamps[place]?.show(lamp));
    this.#isSaid = true;
    this.standing = { ...AT_REST, ...answer.standing };
    this.sent = answer.sent;
  }

  /** Why each dark lamp is dark, by unit; words of another moment are nobody's. */
  say(n: number, words: Readonly<Record<string, string>>): void {
    if (n !== this.n) return;
    for (const one of this.#lamps) one.say(words[one.unitId] ?? null);
    this.#isSaid = true;
  }

  /** The rig is gone. */
  clear(): void {
    this.#lamps = [];
  }

  #hang(ids: readonly string[]): void {
    const before = Object.fromEntries(this.#lamps.map((one) => [one.unitId, one]));
    const isSame = ids.length === this.#lamps.length && ids.every((id, place) => this.#lamps[place]?.unitId === id);
    if (!isSame) this.#lamps = ids.map((id) => before[id] ?? this.#lamp(id));
  }

  #lamp(id: string): ShownLamp {
    return new ShownLamp(
      id,
      (unitId) => this.#names()[unitId] ?? '',
      () => this.#isSaid,
    );
  }
}
