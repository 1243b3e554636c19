import { answered, api } from '../api/client';
import type { ChartChannel, FaderNote } from '../api/chart';
import { wordsOf } from '../api/errors';

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
  readonly #about: () => { chart: unknown; channel: ChartChannel | null; mode: string };

  constructor(
    notes: readonly FaderNote[],
    about: () => { chart: unknown; channel: ChartChannel | null; mode: string },
  ) {
    this.#about = about;
    this.notes = notes;
    void this.#ask();
  }

  say(what: string): void {
    if (this.next === null) return;
    this.notes = [...this.notes, { value: this.next, what }];
    void this.#ask();
  }

  back(): void {
    this.notes = this.notes.slice(0, -1);
    void this.#ask();
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
