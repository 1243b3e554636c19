import { answered, api } from '../api/client';
import type { ChartChannel, FaderNote } from '../api/chart';
import { wordsOf } from '../api/errors';
import { drafts } from './drafts.svelte';

type LearnBody = { chart: Record<string, never>; mode: string; channel: number; notes: Record<string, never>[] };
type Seen = { from: number; to: number; label: string; function: string; hex?: string | null; emitter?: string | null };

/** The notes of a search by fader, and what the server makes of them. */
export class FaderSearch {
  notes = $state.raw<readonly FaderNote[]>([]);
  next = $state<number | null>(0);
  triesLeft = $state(9);
  ranges = $state.raw<readonly Seen[]>([]);
  differences = $state.raw<readonly string[]>([]);
  problem = $state<string | null>(null);
  /** Notes that are not taken into the chart yet are kept under it; null for a search that is only looked at. */
  readonly #key: string | null;
  readonly #about: () => { chart: unknown; channel: ChartChannel | null; mode: string };

  constructor(
    notes: readonly FaderNote[],
    about: () => { chart: unknown; channel: ChartChannel | null; mode: string },
    key: string | null = null,
  ) {
    this.#about = about;
    this.#key = key;
    const before = key === null ? null : drafts.text(key);
    this.notes = before === null ? notes : (JSON.parse(before) as FaderNote[]);
    void this.#ask();
  }

  say(what: string): void {
    if (this.next === null) return;
    this.notes = [...this.notes, { value: this.next, what }];
    this.#keep();
    void this.#ask();
  }

  back(): void {
    this.notes = this.notes.slice(0, -1);
    this.#keep();
    void this.#ask();
  }

  /** The notes stand in the chart now. */
  done(): void {
    if (this.#key !== null) drafts.drop(this.#key);
  }

  #keep(): void {
    if (this.#key !== null) drafts.keep(this.#key, JSON.stringify(this.notes), 'A search by fader');
  }

  async #ask(): Promise<void> {
    const { chart, channel, mode } = this.#about();
    if (!channel) return;
    const notes = this.notes;
    try {
      const body = { chart, mode, channel: channel.offset, notes } as unknown as LearnBody;
      const answer = await this.#call(body);
      if (notes !== this.notes) return;
      this.next = answer.try ?? null;
      this.triesLeft = answer.triesLeft;
      this.ranges = answer.ranges as unknown as Seen[];
      this.differences = answer.differences;
      this.problem = null;
    } catch (error) {
      this.problem = wordsOf(error);
    }
  }

  #call(body: LearnBody) {
    return answered(api.POST('/api/charts/learn', { body }));
  }
}
