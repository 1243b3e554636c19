import { getContext, setContext } from 'svelte';
import { calc } from '../api/client';
import type { Chart, ChartMode, Evaluation } from '../api/chart';
import { wordsOf } from '../api/errors';

/** One fixture on the workbench: the chart that is being written, tried by its own ladders. */
export class Bench {
  #chart: Chart | null = null;
  #mode: ChartMode | null = null;
  shown = $state(false);
  name = $state('');
  words = $state('');
  /** Value by channel offset. */
  values = $state.raw<Readonly<Record<number, number>>>({});
  lamp = $state.raw<Evaluation | null>(null);
  problem = $state<string | null>(null);
  #inFlight = false;
  #asked = false;

  readonly title = $derived(
    this.problem
      ? 'Cannot be tried yet'
      : this.lamp?.selfRunning
        ? 'Runs by itself'
        : this.#isDark()
          ? 'Dark, because'
          : 'Lit',
  );
  readonly why = $derived(this.problem ?? this.#sentence());

  put(chart: Chart, mode: ChartMode | null): void {
    const other = this.#chart?.model !== chart.model || this.#mode?.key !== mode?.key;
    this.#chart = chart;
    this.#mode = mode;
    this.name = chart.model;
    this.words = mode ? `One ${chart.model} in ${mode.name} mode, as the ladders stand` : 'Add a mode to try it here';
    if (other) this.values = Object.fromEntries((mode?.channels ?? []).map((one) => [one.offset, one.default]));
    this.shown = true;
    void this.#ask();
  }

  leave(): void {
    this.shown = false;
  }

  value(offset: number): number {
    return this.values[offset] ?? 0;
  }

  set(offset: number, value: number): void {
    this.values = { ...this.values, [offset]: value };
    void this.#ask();
  }

  async #ask(): Promise<void> {
    this.#asked = true;
    if (this.#inFlight) return;
    this.#inFlight = true;
    while (this.#asked) {
      this.#asked = false;
      const [chart, mode] = [this.#chart, this.#mode];
      if (!chart || !mode || mode.channels.length === 0) {
        this.lamp = null;
        this.problem = 'A mode needs channels before it can shine.';
        continue;
      }
      try {
        const values = mode.channels.map((_, index) => this.value(index + 1));
        this.lamp = await calc<Evaluation>('light.evaluate', { profile: chart, mode: mode.key, values });
        this.problem = null;
      } catch (error) {
        this.lamp = null;
        this.problem = wordsOf(error);
      }
    }
    this.#inFlight = false;
  }

  #isDark(): boolean {
    return this.lamp !== null && this.lamp.cells.every((one) => one.brightness === 0);
  }

  #sentence(): string {
    if (!this.lamp) return '';
    if (this.lamp.selfRunning) return `Program "${this.lamp.selfRunning}" decides now: the colour faders do nothing.`;
    const first = this.lamp.cells[0];
    if (!first) return '';
    if (this.#isDark()) return first.dark.map((one) => one.message).join(' ') || 'Nothing in this mode gives light.';
    const flash = Math.max(...this.lamp.cells.map((one) => one.flash));
    const brightest = Math.max(...this.lamp.cells.map((one) => one.brightness));
    return `Brightness ${Math.round(brightest * 100)} %${flash > 0 ? `, flashing ${Math.round(flash * 10) / 10} times a second` : ''}.`;
  }
}

const KEY = Symbol('bench');

export function provideBench(bench: () => Bench): void {
  setContext(KEY, bench);
}

export function useBench(): Bench {
  const bench = getContext<(() => Bench) | undefined>(KEY);
  if (!bench) throw new Error('useBench needs a RigFrame around it.');
  return bench();
}
